"""Locks between windows on one data folder: held by the kernel, so that a killed process holds none."""

import fcntl
import os
from collections.abc import Iterator
from contextlib import contextmanager
from pathlib import Path

from daruma.store.files import PRIVATE


class FileLock:
    """Hold a file locked until it is released or the process ends."""

    def __init__(self, path: Path) -> None:
        self.path = path
        self._descriptor = os.open(path, os.O_CREAT | os.O_RDWR, PRIVATE)

    def take(self, *, alone: bool) -> bool:
        """Take the lock, shared or alone, in place of how it was held; return whether it could be had at once."""
        try:
            fcntl.flock(self._descriptor, (fcntl.LOCK_EX if alone else fcntl.LOCK_SH) | fcntl.LOCK_NB)
        except BlockingIOError:
            return False
        return True

    def wait(self) -> None:
        """Take the lock alone as soon as it can be had."""
        fcntl.flock(self._descriptor, fcntl.LOCK_EX)

    def release(self) -> None:
        """Let the lock go; a second call does nothing."""
        if self._descriptor >= 0:
            os.close(self._descriptor)
            self._descriptor = -1


def is_held(path: Path) -> bool:
    """Return whether some process holds a lock file alone."""
    if not path.exists():
        return False
    lock = FileLock(path)
    try:
        return not lock.take(alone=False)
    finally:
        lock.release()


@contextmanager
def exclusive(path: Path) -> Iterator[None]:
    """Hold a lock file alone, against threads of this process as well; raise OSError where it cannot be had."""
    lock = FileLock(path)
    try:
        lock.wait()
        yield
    finally:
        lock.release()

"""Read a file that somebody else wrote: a plain one, and no more of it than it may have."""

import os
import stat
from importlib.resources.abc import Traversable
from pathlib import Path

from daruma.core.language import tr


def read_bounded(path: Path | Traversable, most: int) -> bytes:
    """Return a file's bytes, one more than `most` where it has more; raise OSError for what is no plain file.

    A pipe or a device is refused before it is waited for.
    """
    if not isinstance(path, Path):
        with path.open("rb") as packed:
            return packed.read(most + 1)
    descriptor = os.open(path, os.O_RDONLY | os.O_NONBLOCK | os.O_CLOEXEC)
    with os.fdopen(descriptor, "rb") as file:
        if not stat.S_ISREG(os.fstat(file.fileno()).st_mode):
            raise OSError(0, tr("it is no plain file"), str(path))
        return file.read(most + 1)

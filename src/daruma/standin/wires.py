"""The device's end of a wire: a pseudo-terminal or a loopback socket, which can be unplugged and plugged in again."""

import contextlib
import os
import socket
import threading
import time
import tty
from pathlib import Path
from typing import Protocol


class Wire(Protocol):
    """Carry bytes for a device."""

    @property
    def url(self) -> str:
        """Return what the other side opens."""

    def read(self) -> bytes:
        """Wait for bytes; return none where the wire was unplugged or closed from the other side."""

    def send(self, data: bytes) -> None:
        """Send bytes; what cannot be sent is lost."""

    def unplug(self) -> None:
        """Let the wire go dead, and be there again a moment later."""

    def comes_back(self) -> bool:
        """Return whether more can come after a read that gave nothing."""

    def stop(self) -> None:
        """End for good; a read that waits ends as soon as the other side is closed."""


class PtyWire:
    """A pseudo-terminal behind a link that keeps its name while the terminal changes."""

    def __init__(self, link: Path, gone_seconds: float) -> None:
        self._link = link
        self._gone = gone_seconds
        self._master = self._slave = -1
        self._stopped = False
        self._lock = threading.Lock()  # it may be stopped by another thread while it is unplugged
        self._plug()

    @property
    def url(self) -> str:
        """Return the link's path."""
        return str(self._link)

    def read(self) -> bytes:
        """Wait for bytes."""
        try:
            return os.read(self._master, 4096)
        except OSError:
            return b""

    def send(self, data: bytes) -> None:
        """Send bytes."""
        with contextlib.suppress(OSError):
            while data:
                data = data[os.write(self._master, data) :]

    def unplug(self) -> None:
        """Close the terminal; a new one takes its place a moment later."""
        # a moment for the other side to fetch what was sent before the end
        time.sleep(0.01)
        with self._lock:
            self._link.unlink(missing_ok=True)
            self._close_master()
            self._close_slave()
        time.sleep(self._gone)
        with self._lock:
            if not self._stopped:
                self._plug()

    def comes_back(self) -> bool:
        """Return that it does, until it is stopped: the terminal's own end stays open here."""
        time.sleep(0.01)
        with self._lock:
            if self._stopped:
                self._close_master()
            return not self._stopped

    def stop(self) -> None:
        """Close the terminal's own end: the read then finds nobody on the other side."""
        with self._lock:
            self._stopped = True
            self._close_slave()

    def _close_master(self) -> None:
        if self._master >= 0:
            os.close(self._master)
        self._master = -1

    def _close_slave(self) -> None:
        # a number that is closed already may belong to another file by now
        if self._slave >= 0:
            os.close(self._slave)
        self._slave = -1

    def _plug(self) -> None:
        self._master, self._slave = os.openpty()
        tty.setraw(self._slave)
        spare = self._link.with_name(self._link.name + ".new")
        spare.unlink(missing_ok=True)
        spare.symlink_to(os.ttyname(self._slave))
        spare.replace(self._link)


class TcpWire:
    """A loopback socket that serves one connection after the other."""

    def __init__(self) -> None:
        self._listener = socket.create_server(("127.0.0.1", 0))
        self._connection: socket.socket | None = None

    @property
    def url(self) -> str:
        """Return the address in pyserial's way of writing it."""
        return f"socket://127.0.0.1:{self._listener.getsockname()[1]}"

    def read(self) -> bytes:
        """Wait for a connection where there is none, then for bytes."""
        try:
            if self._connection is None:
                self._connection, _ = self._listener.accept()
            return self._connection.recv(4096)
        except OSError:
            return b""

    def send(self, data: bytes) -> None:
        """Send bytes."""
        with contextlib.suppress(OSError):
            if self._connection is not None:
                self._connection.sendall(data)

    def unplug(self) -> None:
        """Close the connection; the next one is waited for."""
        if self._connection is not None:
            self._connection.close()
        self._connection = None

    def comes_back(self) -> bool:
        """Drop the connection that ended and wait for another one."""
        self.unplug()
        return self._listener.fileno() >= 0

    def stop(self) -> None:
        """Listen no more."""
        self._listener.close()

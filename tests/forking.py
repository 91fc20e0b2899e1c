"""Stand-ins without their start-up: a process that has loaded everything forks one for each that a test asks for.

What a start of their own does is tested in `test_program`; here each of some hundred tests would wait for it.
"""

import atexit
import json
import os
import select
import signal
import socket
import subprocess
import sys
from collections.abc import Mapping, Sequence
from contextlib import suppress
from functools import cache

PATIENCE = 60  # s: reached only by a process that hangs


def serve(asked: socket.socket) -> None:
    """Fork stand-ins until nobody can ask for one any more: each gets two ends of pipes and its arguments."""
    from daruma.standin import __main__ as standin

    signal.signal(signal.SIGCHLD, signal.SIG_IGN)
    while True:
        words, pipes, *_ = socket.recv_fds(asked, 65536, 2)
        if not words:
            return
        pid = os.fork()
        if not pid:
            asked.close()
            for end, pipe in enumerate(pipes):
                os.dup2(pipe, end)
                os.close(pipe)
            _stand_in(standin.main, json.loads(words))
        for pipe in pipes:
            os.close(pipe)
        asked.send(str(pid).encode())


def _stand_in(main, words: Sequence[str]) -> None:  # type: ignore[no-untyped-def]
    code = 1
    try:
        sys.argv, sys.stdin, sys.stdout = ["daruma.standin", *words], os.fdopen(0), os.fdopen(1, "w")
        code = main()
    except SystemExit as end:
        code = end.code if isinstance(end.code, int) else 1
    finally:
        with suppress(OSError):
            sys.stdout.flush()
        os._exit(code)


@cache
def _server() -> socket.socket:
    ours, its = socket.socketpair()
    with its:
        code = f"import socket; from tests.forking import serve; serve(socket.socket(fileno={its.fileno()}))"
        process = subprocess.Popen([sys.executable, "-c", code], pass_fds=[its.fileno()])

    def end() -> None:
        ours.close()
        process.wait()

    atexit.register(end)
    return ours


class ForkedStandIns:
    """Stand-ins as the application sees them; they name their wires in their first line and end with their input."""

    def __init__(self, command: Sequence[str]) -> None:
        """Take the command of a start of their own: an interpreter, `-m daruma.standin`, and the arguments."""
        its_in, into = os.pipe()
        out, its_out = os.pipe()
        server = _server()
        socket.send_fds(server, [json.dumps(command[3:]).encode()], [its_in, its_out])
        for end in (its_in, its_out):
            os.close(end)
        self._pid = int(server.recv(32))
        with suppress(ProcessLookupError):
            self._end = os.pidfd_open(self._pid)
        self._in, self._out = os.fdopen(into, "w"), os.fdopen(out)
        line = self._out.readline()
        self.wires: Mapping[str, str] = json.loads(line) if line else {}

    @property
    def runs(self) -> bool:
        """Return whether the process has not ended."""
        return hasattr(self, "_end") and not select.select([self._end], [], [], 0)[0]

    def wait(self) -> None:
        """Wait until the process has ended by itself."""
        if hasattr(self, "_end"):
            assert select.select([self._end], [], [], PATIENCE)[0], "it ends by itself"

    def stop(self) -> None:
        """End the process."""
        self._in.close()
        self._out.close()
        self.wait()
        if hasattr(self, "_end"):
            os.close(self._end)
            del self._end

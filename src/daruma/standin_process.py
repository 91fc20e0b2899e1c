"""The stand-ins' process as the application sees it."""

import json
import subprocess
from collections.abc import Mapping, Sequence

PATIENCE = 2  # seconds that it may take to end


class StandInProcess:
    """Run the stand-ins; they name their wires in their first line and end with their standard input."""

    def __init__(self, command: Sequence[str]) -> None:
        self._process = subprocess.Popen(command, stdin=subprocess.PIPE, stdout=subprocess.PIPE, text=True)
        assert self._process.stdout is not None
        line = self._process.stdout.readline()
        self.wires: Mapping[str, str] = json.loads(line) if line else {}

    @property
    def runs(self) -> bool:
        """Return whether the process has not ended."""
        return self._process.poll() is None

    def stop(self) -> None:
        """End the process."""
        for pipe in (self._process.stdin, self._process.stdout):
            if pipe:
                pipe.close()
        try:
            self._process.wait(PATIENCE)
        except subprocess.TimeoutExpired:
            self._process.kill()
            self._process.wait()

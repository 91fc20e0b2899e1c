"""Run the stand-ins as a process of their own: `python -m daruma.standin WORLD.json`."""

import argparse
import fcntl
import json
import sys
import time
from pathlib import Path
from typing import TextIO

from daruma.catalogue.loader import load_catalogue
from daruma.standin.errors import No
from daruma.standin.faults import read_fault
from daruma.standin.file import load_world
from daruma.standin.server import Bench

WAIT_SECONDS = 3.0  # for stand-ins of a window that is just closing


def main() -> int:
    """Serve every device until standard input closes; the first line out names the wires as JSON."""
    parser = argparse.ArgumentParser(prog="daruma.standin", description="A simulated bench behind wires.")
    parser.add_argument("world", type=Path, help="the simulated world as JSON")
    parser.add_argument("--tcp", action="store_true", help="listen on loopback sockets instead of pseudo-terminals")
    parser.add_argument("--keep", action="store_true", help="keep the world's changes in its file")
    parser.add_argument("--pace", type=float, default=None, help="seconds that each chunk of memory takes")
    parser.add_argument("--cache", type=Path, default=None, help="where the catalogue is kept as it was read before")
    parser.add_argument("--faults", type=Path, default=None, help="a script of faults: a JSON list")
    arguments = parser.parse_args()
    with arguments.world.with_suffix(".lock").open("w") as lock:
        if not _alone(lock):
            print("This world is simulated by another process already.", file=sys.stderr)
            return 4
        world = load_world(arguments.world)
        world.pace = world.pace if arguments.pace is None else arguments.pace
        if arguments.faults is not None:
            for said in json.loads(arguments.faults.read_text(encoding="utf-8")):
                try:
                    name, how = read_fault(said)
                except No as no:
                    print(f"{arguments.faults.name}: {no.text}", file=sys.stderr)
                    return 2
                world.faults.arm(name, **how)
        wires = arguments.world.parent / "wires"
        wires.mkdir(exist_ok=True)
        bench = Bench(world, load_catalogue(cache_folder=arguments.cache), file=arguments.world if arguments.keep else None)
        print(json.dumps(bench.serve(wires, tcp=arguments.tcp)), flush=True)
        sys.stdin.buffer.read()
    return 0


def _alone(lock: TextIO) -> bool:
    end = time.monotonic() + WAIT_SECONDS
    while True:
        try:
            fcntl.flock(lock, fcntl.LOCK_EX | fcntl.LOCK_NB)
            return True
        except BlockingIOError:
            if time.monotonic() > end:
                return False
            time.sleep(0.05)


if __name__ == "__main__":
    sys.exit(main())

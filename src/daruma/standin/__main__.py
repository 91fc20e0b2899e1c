"""Run the stand-ins as a process of their own: `python -m daruma.standin WORLD.json`."""

import argparse
from pathlib import Path

from daruma.standin.server import run


def main() -> None:
    """Read the command line and serve."""
    parser = argparse.ArgumentParser(prog="daruma.standin", description="A simulated bench behind wires.")
    parser.add_argument("world", type=Path, help="the simulated world as JSON")
    parser.add_argument("--tcp", action="store_true", help="listen on loopback sockets instead of pseudo-terminals")
    parser.add_argument("--keep", action="store_true", help="keep the world's changes in its file")
    parser.add_argument("--pace", type=float, default=None, help="seconds that each chunk of memory takes")
    arguments = parser.parse_args()
    run(arguments.world, tcp=arguments.tcp, keep=arguments.keep, pace=arguments.pace)


if __name__ == "__main__":
    main()

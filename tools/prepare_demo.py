"""Build the demo's data in each language that the program speaks, so that its first start copies them."""

import subprocess
import sys

from daruma.languages import WRITTEN_IN, languages


def main() -> int:
    """Build in one language where one is named, else in each by a process of its own; return the exit code."""
    if len(sys.argv) > 1:
        from daruma.speaking import speak_in

        if sys.argv[1] != WRITTEN_IN:
            speak_in(sys.argv[1])
        from daruma.demo.prepared import prepare  # holds texts: the language is settled before

        prepare()
        return 0
    going = [subprocess.Popen([sys.executable, __file__, code]) for code in languages()]
    return max(process.wait() for process in going)


if __name__ == "__main__":
    sys.exit(main())

"""Run the program: `python -m daruma`."""

from daruma.cli import main

if __name__ == "__main__":
    main()

"""Run the program: `python -m daruma`."""

from daruma.start import main

if __name__ == "__main__":
    main()

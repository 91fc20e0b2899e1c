"""The languages of the program: one file each, named by its code, made by tools/texts.py."""

from pathlib import Path

HERE = Path(__file__).parent
WRITTEN_IN = "en"


def languages() -> tuple[str, ...]:
    """Return the codes of the languages that the program speaks."""
    return (WRITTEN_IN, *sorted(file.stem for file in HERE.glob("*.qm")))

"""Ask for a file by the desktop's own dialog."""

from pathlib import Path

from PySide6.QtWidgets import QFileDialog, QWidget


def file_to_read(over: QWidget, title: str, kinds: str) -> Path | None:
    """Return the file that is chosen, None where none is."""
    name, _ = QFileDialog.getOpenFileName(over, title, "", kinds)
    return Path(name) if name else None


def file_to_write(over: QWidget, title: str, usual: str, kinds: str) -> Path | None:
    """Return where something is to be written, None where that was left."""
    name, _ = QFileDialog.getSaveFileName(over, title, usual, kinds)
    return Path(name) if name else None

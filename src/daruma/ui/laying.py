"""Laying out: once for many changes."""

from collections.abc import Iterator
from contextlib import contextmanager

from PySide6.QtCore import Qt
from PySide6.QtWidgets import QWidget


@contextmanager
def laid_out_once(view: QWidget) -> Iterator[None]:
    """Show and hide what stands on the sheets of a view, and lay them out by the next event.

    Each widget that is shown would otherwise have its sheet laid out at once, all its texts measured.
    """
    sheets = (view, *view.findChildren(QWidget, "", Qt.FindChildOption.FindDirectChildrenOnly))
    found = (sheet.layout() for sheet in sheets)
    layouts = [layout for layout in found if layout is not None and layout.isEnabled()]
    for layout in layouts:
        layout.setEnabled(False)
    try:
        yield
    finally:
        for layout in layouts:
            layout.setEnabled(True)
            layout.update()

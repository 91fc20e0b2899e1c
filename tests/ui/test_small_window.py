"""Every page in the smallest window: nothing is cut, nothing lies over another, everything has a name for screen readers."""

from collections.abc import Iterator

import pytest
from PySide6.QtCore import QPoint, QRect, Qt
from PySide6.QtGui import QAccessible
from PySide6.QtWidgets import (
    QAbstractButton,
    QAbstractItemView,
    QAbstractScrollArea,
    QCheckBox,
    QComboBox,
    QLabel,
    QLineEdit,
    QPlainTextEdit,
    QPushButton,
    QScrollArea,
    QWidget,
)

from daruma.core.job import Stage, StepState
from daruma.core.settings import groups
from daruma.ui.help import FOR
from daruma.ui.views.pages import PAGES
from daruma.ui.widgets.notices import ElidedLabel
from daruma.ui.widgets.run_sheet import SheetLine
from tests.ui.conftest import Driver

SPARE = 2  # pixels that rounding may take
LOOKS = 10  # a text that has just come is laid out with one of the next events


def seen(root: QWidget) -> Iterator[QWidget]:
    """Yield what can be seen of a window now, scrolled-away parts left out."""
    for widget in root.findChildren(QWidget):
        if widget.isVisible() and not widget.visibleRegion().isEmpty() and widget.width() > 1:
            yield widget


def in_scroll(widget: QWidget) -> bool:
    parent = widget.parentWidget()
    while parent is not None:
        if isinstance(parent, QAbstractScrollArea):
            return True
        parent = parent.parentWidget()
    return False


def cut(widget: QWidget) -> str:
    """Return what of a widget's text has no room; empty where all of it has."""
    if isinstance(widget, ElidedLabel):
        return ""  # ends in dots, with all of it in its tip
    if isinstance(widget, QLabel) and widget.text():
        if widget.wordWrap():
            short = widget.heightForWidth(widget.width()) > widget.height() + SPARE
        else:
            short = widget.fontMetrics().horizontalAdvance(widget.text()) > widget.width() + SPARE
        return f"label {widget.text()!r} in {widget.size().toTuple()}" if short else ""
    if isinstance(widget, QCheckBox) and widget.text():
        short = widget.sizeHint().width() > widget.width() + SPARE
        return f"box {widget.objectName()} {widget.text()!r} in {widget.width()}" if short else ""
    if isinstance(widget, QPushButton) and widget.text():
        short = widget.sizeHint().width() > widget.width() + SPARE
        return f"button {widget.objectName()} {widget.text()!r} in {widget.width()}" if short else ""
    return ""


def sticking(root: QWidget) -> list[str]:
    """Return the areas that scroll up and down only and hold something wider than they are."""
    off = Qt.ScrollBarPolicy.ScrollBarAlwaysOff
    areas = [w for w in seen(root) if isinstance(w, QScrollArea) and w.horizontalScrollBarPolicy() == off and w.widget()]
    return [
        f"{area.accessibleName() or area.objectName()}: {area.widget().width()} in {area.viewport().width()}"
        for area in areas
        if area.widget().width() > area.viewport().width()
    ]


def overlaps(root: QWidget) -> list[str]:
    """Return the widgets with words or to be acted on that lie over each other."""
    kinds = (QLabel, QAbstractButton, QLineEdit, QPlainTextEdit, QComboBox)
    found = [w for w in seen(root) if isinstance(w, kinds) and not in_scroll(w) and not isinstance(w.parent(), kinds)]
    areas = [(w, QRect(w.mapTo(root, QPoint(0, 0)), w.size()).adjusted(SPARE, SPARE, -SPARE, -SPARE)) for w in found]
    return [
        f"{a.objectName() or a.metaObject().className()} over {b.objectName() or b.metaObject().className()}"
        for i, (a, one) in enumerate(areas)
        for b, other in areas[i + 1 :]
        if one.intersects(other)
    ]


def nameless(root: QWidget) -> list[str]:
    """Return what can be acted on and says nothing to a screen reader, as its accessibility tree has it."""
    acted_on = (QAbstractButton, QLineEdit, QPlainTextEdit, QComboBox, QAbstractItemView)
    found = []
    for widget in seen(root):
        if not isinstance(widget, acted_on) or widget.focusPolicy() == Qt.FocusPolicy.NoFocus or widget.parent() is None:
            continue
        if isinstance(widget.parent(), QComboBox) or widget.objectName().startswith("qt_"):
            continue
        told = QAccessible.queryAccessibleInterface(widget)
        if told is None or not told.text(QAccessible.Text.Name):
            found.append(f"{widget.metaObject().className()} {widget.objectName()}")
    return found


def look_at(driver: Driver, where: str) -> list[str]:
    root = driver.window
    for _ in range(LOOKS):
        driver.idle()
        driver.bot.wait(30)
        troubles = [said for widget in seen(root) if (said := cut(widget))]
        found = [*troubles, *sticking(root), *overlaps(root), *(f"no name: {n}" for n in nameless(root))]
        if not found:
            break
    return [f"{where}: {said}" for said in found]


@pytest.fixture
def small(driver: Driver) -> Driver:
    driver.shell.resize(1100, 700)
    driver.bot.wait(50)
    assert driver.window.side.width() < 100, "the rail folds to faces"
    return driver


def test_every_page_of_the_shop(small: Driver) -> None:
    found: list[str] = []
    for page in PAGES:
        small.window.open_shop(page)
        found += look_at(small, page)
    small.window.open_shop("set_up")
    for group in groups():
        small.window.views.shop.set_up.open_step(group.table)
        found += look_at(small, group.table)
    small.window.open_shop("shelf")
    small.bot.mouseClick(small.window.views.shop.help.button, Qt.MouseButton.LeftButton)
    assert small.window.views.shop.help.words.text() == FOR["shelf"]
    found += look_at(small, "help")
    assert not found, "\n".join(found)


def test_every_stage_of_every_job(small: Driver) -> None:
    found: list[str] = []
    for number in tuple(small.desk.jobs):
        small.desk.open_job(number)
        small.idle()
        for stage in Stage:
            small.window.open_stage(stage)
            if small.window.stage is stage:
                found += look_at(small, f"{small.job.name} {stage.value}")
    assert not found, "\n".join(found)


def test_the_step_at_hand_is_in_sight_and_long_names_take_two_lines(small: Driver) -> None:
    lines = [SheetLine(f"Take the face module {n} out, seat it there", 1, StepState.OPEN, n == 18, False, "") for n in range(20)]
    small.desk.open_job(next(n for n, job in small.desk.jobs.items() if job.current_step is not None))
    small.idle()
    small.window.open_stage(Stage.BENCH)
    small.idle()
    sheet = small.window.views[Stage.BENCH].run_sheet
    sheet.show_lines(lines)
    assert all(len(title) == 2 and " ".join(title) == line.title for title, line in zip(sheet.titles(), lines, strict=True))
    small.until(lambda: sheet.visibleRegion().boundingRect().contains(100, sheet.middle_of_here()))


def test_a_roomy_window_unfolds_the_rail(driver: Driver) -> None:
    driver.shell.resize(1280, 800)
    driver.bot.wait(50)
    assert driver.window.side.width() > 200
    assert FOR.keys() >= {*PAGES, *(stage.name.lower() for stage in Stage)}, "every page says what it is for"

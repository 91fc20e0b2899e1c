"""Everything that the window says goes through the translation; run by test_circumstances with texts marked."""

import re
from collections.abc import Iterator

from PySide6.QtCore import QModelIndex, Qt
from PySide6.QtGui import QAction
from PySide6.QtWidgets import QAbstractButton, QAbstractItemView, QComboBox, QLabel, QLineEdit, QListView, QTextBrowser, QWidget

from daruma.core.job import Stage
from daruma.core.settings import groups
from daruma.ui.views.pages import PAGES
from tests.ui.conftest import Driver
from tests.ui.marked import outside

# what users, devices and records say themselves, and what is the same in every language
DATA = re.compile(
    r"\b(Cedar|Birch|Damson|Elder|Alder|Fenwick|Ostby|Marl|Quillon|TarnOS|Daruma|daruma|IMEI|SHA|English|Deutsch|Ctrl|Shift|"
    r"Return|Down|Up|Esc|CCT|Duv|Stand-in|programmer|colorimeter|BGA\d+|span|dev|tty\w*|vault|socket|https?|svg|csv)\b"
)
WORD = re.compile(r"[A-Za-z]?[a-z]{3,}")
HEXADECIMAL = re.compile(r"\b[0-9a-fA-F]{6,}\b")
CUT = re.compile(r"^[⟧ ]*$")


def told(widget: QWidget) -> Iterator[str]:
    yield from (widget.accessibleName(), widget.toolTip(), widget.accessibleDescription())
    if isinstance(widget, QLabel | QAbstractButton):
        yield widget.text()
    elif isinstance(widget, QLineEdit):
        yield widget.placeholderText()
    elif isinstance(widget, QComboBox):
        yield from (widget.itemText(i) for i in range(widget.count()))
    elif isinstance(widget, QAbstractItemView) and (model := widget.model()) is not None:
        columns = 1 if isinstance(widget, QListView) else model.columnCount(QModelIndex())
        for column in range(columns):
            yield str(model.headerData(column, Qt.Orientation.Horizontal) or "")
            yield from (str(model.index(row, column).data() or "") for row in range(min(50, model.rowCount(QModelIndex()))))
    picture = getattr(widget, "picture", None)
    if picture is not None and hasattr(picture, "items"):
        yield picture.words
        yield from (item.text for item in picture.items if hasattr(item, "text"))
        yield from (spot.words for spot in picture.spots)


def typed(driver: Driver) -> set[str]:
    """Return the words that stand in the demo's tickets and on its shelf."""
    said = [job.ticket.complaint for job in driver.desk.jobs.values()]
    said += [driver.desk.settings["shop.name"], driver.desk.settings["shop.address"], driver.desk.settings["shop.reach"]]
    said += [part.source for part in driver.desk.shelf] + [part.note for part in driver.desk.shelf]
    return {word for text in said for word in WORD.findall(text)}


def look(driver: Driver, where: str, known: set[str]) -> list[str]:
    driver.idle()
    found = []
    for widget in driver.shell.findChildren(QWidget):
        if widget.isVisible():
            for text in told(widget):
                # the short reason on the thread map is cut out of a longer one: its first mark is lost
                left = "" if text.count("⟧") > text.count("⟦") else HEXADECIMAL.sub("", DATA.sub("", outside(text)))
                words = [word for word in WORD.findall(left) if word not in known]
                if words:
                    found.append(f"{where}: {type(widget).__name__} {widget.objectName()}: {words} in {text[:150]!r}")
    return found


def test_nothing_is_said_past_the_translation(driver: Driver) -> None:
    known, found = typed(driver), []
    for action in driver.shell.findChildren(QAction):
        found += [f"menu: {action.text()}"] if WORD.search(outside(action.text())) else []
    for page in PAGES:
        driver.window.open_shop(page)
        found += look(driver, page, known)
    driver.window.open_shop("set_up")
    for group in groups():
        driver.window.views.shop.set_up.open_step(group.table)
        found += look(driver, group.table, known)
    for number in tuple(driver.desk.jobs):
        driver.desk.open_job(number)
        driver.idle()
        for stage in Stage:
            driver.window.open_stage(stage)
            if driver.window.stage is stage:
                found += look(driver, f"{driver.job.name} {stage.name}", known)
    assert not found, "\n".join(dict.fromkeys(found))


def test_the_papers_say_nothing_past_the_translation(driver: Driver) -> None:
    known, found = typed(driver), []
    for number, job in driver.desk.jobs.items():
        if not job.steps:
            continue
        driver.desk.open_job(number)
        driver.idle()
        driver.window.open_stage(Stage.HAND_OVER)
        if driver.window.stage is not Stage.HAND_OVER:
            continue
        driver.idle()
        for name in ("page_customer", "page_shop"):
            if driver.window.findChild(QAbstractButton, name) is not None:
                driver.click(name)
        for page in driver.window.findChildren(QTextBrowser):
            left = HEXADECIMAL.sub("", DATA.sub("", outside(page.toPlainText())))
            found += [f"{job.name}: {word}" for word in WORD.findall(left) if word not in known]
    assert not found, "\n".join(dict.fromkeys(found))

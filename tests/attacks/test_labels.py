"""Hostile names: what devices, phones and parts call themselves reaches the window as letters, whatever it looks like."""

import json
import random
from collections.abc import Iterator
from contextlib import suppress
from pathlib import Path
from typing import Any

import pytest
from PySide6.QtCore import Qt
from PySide6.QtGui import Qt as Gui
from PySide6.QtWidgets import QAbstractItemView, QLabel, QTextBrowser, QWidget
from pytestqt.qtbot import QtBot

from daruma.core.errors import Trouble
from daruma.core.job import Stage
from daruma.demo.marks import WORLD
from tests.conftest import seeds
from tests.ui.conftest import Driver, demo_window

MARK = "Zq9"
NAMES = (
    f'<img src="file:///etc/hostname" width="9">{MARK}',
    f"<h1>{MARK}</h1><script>x</script>",
    f"<a href='https://example.invalid'>{MARK}</a>",
    f"\u202e{MARK}\u202c\u2066",
    f"{MARK}\r\n\x1b[31m\x07\x00",
    f"{MARK}{{name}}{{0}}%s%1%n",
    f"{MARK}&lt;b&gt;&amp;&#x202e;",
    MARK + "W" * 190,
    f"{MARK}\u0300\u0301\u0302" * 12,
    f"=cmd|'{MARK}'!A1",
)
NAMED = ("label", "maker", "name")


def renamed(value: Any, rng: random.Random) -> Any:
    """Return a world in which everything that has a name of its own says something hostile."""
    if isinstance(value, dict):
        return {
            key: rng.choice(NAMES) if key in NAMED and isinstance(each, str) and each else renamed(each, rng)
            for key, each in value.items()
        }
    return [renamed(each, rng) for each in value] if isinstance(value, list) else value


def texts(root: QWidget) -> Iterator[tuple[str, str, bool]]:
    """Yield where a text stands, the text, and whether it is shown as markup."""
    for widget in root.findChildren(QWidget):
        tip = widget.toolTip()
        yield f"tip of {widget.objectName()}", tip, Gui.mightBeRichText(tip)
        if isinstance(widget, QLabel):
            form = widget.textFormat()
            rich = form == Qt.TextFormat.RichText or (form == Qt.TextFormat.AutoText and Gui.mightBeRichText(widget.text()))
            yield f"label {widget.objectName()}", widget.text(), rich
        elif isinstance(widget, QTextBrowser):
            yield f"page {widget.objectName()}", widget.toHtml(), True
        elif isinstance(widget, QAbstractItemView) and (model := widget.model()) is not None:
            for row in range(min(30, model.rowCount())):
                tip = str(model.data(model.index(row, 0), Qt.ItemDataRole.ToolTipRole) or "")
                yield f"row of {widget.objectName()}", tip, Gui.mightBeRichText(tip)


def steered(driver: Driver) -> tuple[list[str], int]:
    """Return what a hostile name steers in the window, and how often one is there."""
    found, seen = [], 0
    for where, text, rich in texts(driver.shell):
        if MARK not in text:
            continue
        seen += 1
        marked = rich and any(tag in text for tag in ("<img", "<h1>", "<script", "href='https", 'href="https'))
        steering = any(letter in text for letter in "\u202e\u2066\x1b\x07\x00\r")
        found += [f"{where}: {text[:120]!r}"] * (marked or steering)
    return found, seen


@pytest.mark.parametrize("tried", seeds(1, 30))
def test_hostile_names_are_letters_wherever_they_are_shown(
    tried: range, qtbot: QtBot, demo_folder: Path, cache_folder: Path
) -> None:
    whole = (demo_folder / WORLD).read_text()
    for seed in tried:
        rng = random.Random(f"names {seed}")
        (demo_folder / WORLD).write_text(json.dumps(renamed(json.loads(whole), rng)))
        with demo_window(qtbot, demo_folder, cache_folder) as driver:
            driver.until(lambda driver=driver: driver.desk.workshop is not None)  # type: ignore[misc]
            driver.shell.resize(1280, 800)
            total = 0
            for number, job in tuple(driver.desk.jobs.items()):
                driver.desk.open_job(number)
                driver.idle()
                if not job.steps:
                    with suppress(Trouble):
                        driver.desk.read_phone()
                        driver.idle()
                for stage in Stage:
                    driver.window.open_stage(stage)
                    driver.desk.look()
                    driver.idle()
                    found, seen = steered(driver)
                    assert not found, (seed, number, stage, found)
                    total += seen
                wide = [
                    widget.objectName() for widget in driver.window.findChildren(QLabel) if widget.minimumSizeHint().width() > 900
                ]
                assert driver.shell.minimumSizeHint().width() <= 1280, (seed, number, wide)
            assert total > 10, "the names are there to be seen"

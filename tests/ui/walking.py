"""Walk a demo ticket through the real window, by mouse alone or by keyboard alone."""

from collections.abc import Callable, Mapping
from pathlib import Path

import pytest
from PySide6.QtCore import Qt
from PySide6.QtWidgets import QWidget

from daruma.core.job import Stage
from daruma.core.kinds import trait
from daruma.core.parts import Function
from tests.ui.conftest import Driver

Press = Callable[[Driver, Stage], None]
Held = Callable[[Driver, Callable[[], bool]], None]
MOST_PROOFS = 12  # acts that prove the whole of a ticket
PATIENCE = 60_000  # ms: a cell that is measured takes some


def open_ticket(driver: Driver, words: str) -> None:
    number = next(number for number, job in driver.desk.jobs.items() if words in job.ticket.complaint)
    driver.desk.open_job(number)
    driver.until(lambda: driver.desk.number == number)
    driver.idle()


def by_mouse(driver: Driver, stage: Stage) -> None:
    button = driver.window.views[stage].main_button()
    assert isinstance(button, QWidget)
    driver.until(button.isEnabled)
    driver.bot.mouseClick(button, Qt.MouseButton.LeftButton)


def held_by_mouse(driver: Driver, done: Callable[[], bool]) -> None:
    button = driver.window.views[Stage.BENCH].hold
    driver.bot.mousePress(button, Qt.MouseButton.LeftButton)
    driver.until(done)
    driver.bot.mouseRelease(button, Qt.MouseButton.LeftButton)


def by_key(driver: Driver, _: Stage) -> None:
    driver.main_key()


def held_by_key(driver: Driver, done: Callable[[], bool]) -> None:
    button = driver.window.views[Stage.BENCH].hold
    driver.main_key()
    driver.until(button.hasFocus)
    driver.bot.keyPress(button, Qt.Key.Key_Space)
    driver.until(done)
    driver.bot.keyRelease(button, Qt.Key.Key_Space)


_MOUSE = pytest.param(by_mouse, held_by_mouse, id="mouse")
both_ways = pytest.mark.parametrize(("press", "held"), [_MOUSE, pytest.param(by_key, held_by_key, id="keyboard")])
mostly_by_mouse = pytest.mark.parametrize(
    ("press", "held"), [_MOUSE, pytest.param(by_key, held_by_key, id="keyboard", marks=pytest.mark.soak)]
)


def to_the_plan(driver: Driver, press: Press) -> None:
    """Take the ticket on view from its intake to Plan."""
    driver.until(lambda: driver.window.stage in (Stage.INTAKE, Stage.PLAN))
    while driver.window.stage is Stage.INTAKE:
        said = driver.text("intake_main")
        press(driver, Stage.INTAKE)
        driver.until(lambda said=said: driver.window.stage is Stage.PLAN or driver.text("intake_main") != said)  # type: ignore[misc]


def to_the_step(
    driver: Driver,
    wanted: str = "",
    press: Press = by_mouse,
    held: Held = held_by_mouse,
    before: Mapping[str, Callable[[Driver], None]] | None = None,
) -> None:
    """Take the first way that is offered up to a step, up to the proof without one.

    `before` a step of the run sheet something else may be done.
    """
    if driver.window.stage is not Stage.BENCH:
        to_the_plan(driver, press)
        press(driver, Stage.PLAN)
        driver.until(lambda: driver.window.stage is Stage.BENCH)
    view = driver.window.views[Stage.BENCH]
    while (step := driver.step()) not in ("", wanted) and not step.startswith("prove"):

        def moved(step: str = step) -> bool:
            return driver.step() != step or bool(driver.troubles)

        if before is not None and step in before:
            before[step](driver)
        if trait(step).act is not None:
            driver.until(lambda: view.hold.isVisible() and view.hold.isEnabled())
            held(driver, moved)
        else:
            press(driver, Stage.BENCH)
            driver.until(moved, PATIENCE)
        assert not driver.troubles, driver.troubles
        driver.idle()


def to_the_proof(
    driver: Driver, words: str, press: Press, held: Held, before: Mapping[str, Callable[[Driver], None]] | None = None
) -> None:
    """Take a ticket from its intake to Proof."""
    open_ticket(driver, words)
    to_the_step(driver, "", press, held, before)
    driver.until(lambda: driver.window.stage is Stage.PROOF)
    driver.idle()


def to_the_second_eye(driver: Driver, press: Press) -> None:
    """Prove what is promised, one after the other."""
    for _ in range(MOST_PROOFS):
        if not driver.job.all_proven:
            driver.until(lambda: driver.window.stage is Stage.PROOF)
            press(driver, Stage.PROOF)
            driver.idle()
            assert not driver.troubles, driver.troubles
    assert driver.job.all_proven
    driver.until(lambda: driver.window.stage is Stage.HAND_OVER)
    driver.idle()


def exported(driver: Driver, function: Function, page: str, said: str, file: Path) -> Path:
    """Look at a page of Proof that says something, and write its readings to a file."""
    driver.window.open_stage(Stage.PROOF)
    view = driver.window.views[Stage.PROOF]
    view.choose(function, page)
    driver.idle()
    assert said in driver.said(f"said_{page}")
    view.export_to(file)
    driver.until(file.exists)
    driver.idle()
    return file

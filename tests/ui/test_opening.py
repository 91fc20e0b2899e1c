"""Jobs are shown and answer before the store is open; what is done meanwhile counts once it is."""

import threading
from collections.abc import Iterator
from contextlib import nullcontext
from pathlib import Path

import pytest
from msgspec.structs import replace
from PySide6.QtCore import QTimer
from pytestqt.qtbot import QtBot

from daruma.core.job import Stage
from daruma.demo.marks import SECOND
from daruma.store.shop import Shop
from daruma.store.trouble import StoreTrouble
from daruma.ui.views.handover import HandOverView
from tests.conftest import share
from tests.ui.conftest import LONG, Driver, demo_window
from tests.ui.test_monkey import let_loose

NOON = "2026-11-29T12:00:00+00:00"


class Door:
    """Hold the store closed until it is let open; it may be found to be jammed."""

    def __init__(self, patch: pytest.MonkeyPatch) -> None:
        self.let, self.jammed = threading.Event(), False
        really = Shop.open

        def late(shop: Shop) -> None:
            if shop.second is not None and threading.current_thread() is not threading.main_thread():
                assert self.let.wait(LONG / 1000)
                if self.jammed:
                    raise StoreTrouble("The door is jammed.", safe="All of it.", advice="Push.")
            really(shop)

        patch.setattr(Shop, "open", late)


@pytest.fixture
def door(monkeypatch: pytest.MonkeyPatch) -> Door:
    return Door(monkeypatch)


@pytest.fixture
def early(qtbot: QtBot, demo_folder: Path, cache_folder: Path, door: Door) -> Iterator[Driver]:
    """The window with jobs on view, its store held closed."""
    with demo_window(qtbot, demo_folder, cache_folder) as made:
        assert made.desk.workshop is None
        assert not made.window.busy_bar.isVisible(), "nothing moves under the hand once the store is open"
        yield made
        door.let.set()


def test_every_job_can_be_looked_at_before_the_store_is_open(early: Driver, door: Door) -> None:
    told: list[str] = []
    early.desk.told.connect(told.append)
    seen = set()
    for number in sorted(early.desk.jobs):
        early.desk.open_job(number)
        for stage in Stage:
            early.window.open_stage(stage)
            seen.add(early.window.stage)
            early.bot.wait(1)
    assert seen == set(Stage)
    early.window.do_main()
    early.desk.new_job()
    assert "The shop is still being opened: one moment." in told
    assert not early.troubles
    door.let.set()
    early.until(lambda: early.desk.survey is not None)
    assert not early.troubles


@pytest.mark.parametrize("closed_at_once", [False, True], ids=["it goes on", "the window is closed at once"])
def test_what_is_typed_meanwhile_is_kept(early: Driver, door: Door, demo_folder: Path, closed_at_once: bool) -> None:
    number = max(early.desk.jobs)
    early.desk.open_job(number)
    early.desk.edit(complaint="typed early")
    if closed_at_once:
        threading.Timer(0.2, door.let.set).start()
        assert early.shell.close()
    else:
        door.let.set()
        early.until(lambda: early.desk.workshop is not None)
        early.idle()
        assert (early.job.number, early.job.ticket.complaint) == (number, "typed early"), "the job on view stays there"
    with Shop(demo_folder) as shop:
        assert shop.jobs.get(number).ticket.complaint == "typed early"


def test_what_another_window_has_changed_meanwhile_is_shown_once_it_is_open(early: Driver, door: Door, demo_folder: Path) -> None:
    number = early.desk.number
    with Shop(demo_folder, demo_folder / SECOND) as shop:
        job = shop.jobs.get(number)
        shop.jobs.save(replace(job, ticket=replace(job.ticket, complaint="changed elsewhere")), NOON)
        fresh = shop.jobs.open_new(NOON)
        shop.shelf.save(replace(shop.shelf.all()[0], note="moved"))
    assert fresh.number not in early.desk.jobs
    assert early.desk.shelf, "parts of the shelf can be chosen at once"
    door.let.set()
    early.until(lambda: fresh.number in early.desk.jobs)
    assert early.job.number == number
    assert early.job.ticket.complaint == "changed elsewhere"
    assert early.desk.shelf[0].note == "moved"


def test_what_a_view_wanted_meanwhile_is_there_once_it_is_open(early: Driver, door: Door) -> None:
    early.desk.open_job(next(number for number, job in early.desk.jobs.items() if job.closed))
    view = early.window.views[Stage.HAND_OVER]
    assert isinstance(view, HandOverView)
    assert early.window.stage is Stage.HAND_OVER
    early.bot.wait(1)
    assert not view.preview.toPlainText()
    door.let.set()
    early.until(lambda: bool(view.preview.toPlainText()))


@pytest.mark.parametrize("seed", share(range(12), 1))
def test_a_monkey_may_come_early(
    seed: int, early: Driver, door: Door, demo_folder: Path, monkeypatch: pytest.MonkeyPatch
) -> None:
    """The store opens under its hands."""
    QTimer.singleShot(500 + 100 * seed, door.let.set)
    let_loose(lambda: nullcontext(early), seed, (99,), demo_folder, monkeypatch)
    assert early.desk.workshop is not None


def test_jobs_are_taken_off_where_the_store_cannot_be_opened(early: Driver, door: Door) -> None:
    told: list[str] = []
    early.desk.edit(complaint="typed early")
    door.jammed = True
    door.let.set()
    early.until(lambda: not early.desk.jobs)
    early.until(lambda: len(early.troubles) == 2)
    early.idle()
    assert [trouble.what for trouble in early.troubles] == ["The door is jammed.", "The store could not be opened."]
    assert early.window.stack.currentWidget() is early.window.opening
    early.desk.told.connect(told.append)
    early.desk.new_job()
    assert early.window.opening.text() == told[0] == "The shop is not open."
    assert not early.window.head.isVisible()
    assert early.shell.close(), "nothing keeps the window from closing"

"""What the window says of doubts and links, and its pages of jobs and copies."""

import threading
import time
from pathlib import Path

import pytest
from msgspec.structs import replace
from PySide6.QtCore import Qt

from daruma.core.acts import ActKind, ActState
from daruma.core.errors import Trouble
from daruma.core.job import Stage
from daruma.link.errors import DeviceGone
from daruma.store.copies import copies_of
from daruma.ui.bench_desk import POLL_MS
from daruma.ui.tables import Rows
from daruma.ui.widgets.hold import HoldButton
from daruma.ui.work import Lane, Work
from tests.parts import flex_alone, panel_of, work_of
from tests.ui.conftest import Driver


def leave_in_doubt(driver: Driver, number: int) -> None:
    """Leave a write on a job's panel without its settlement, as a crash does."""
    job = driver.desk.jobs[number]
    journal = driver.desk.ready.shop.journal
    journal.leave(
        journal.intend(
            ActKind.WRITE, job=job.uid, die=panel_of(job).die, backup="", digest="x", started="", evidence=(("Lock", "lit"),)
        )
    )


def test_an_act_in_doubt_is_said_whatever_job_is_on_view(driver: Driver) -> None:
    """At the next start, or at the next look: the bar names it, leads to its job, and settles by reading the part."""
    jobs = driver.desk.jobs
    other = next(
        n for n in jobs if n != driver.desk.number and jobs[n].ticket.imei and panel_of(jobs[n]).die and not jobs[n].steps
    )
    leave_in_doubt(driver, other)
    driver.desk.look()
    bar = driver.window.doubt_bar
    driver.until(bar.isVisible)
    assert driver.desk.jobs[other].name in bar.what.text()
    assert "counts as a write" in bar.safe.text()
    driver.click("doubt_settle")
    driver.until(lambda: driver.window.trouble_bar.isVisible())
    assert "socket" in driver.troubles[-1].what, "the part is not there: nothing is settled"
    driver.click("doubt_open")
    driver.until(lambda: driver.desk.number == other)
    assert not bar.open_button.isVisible()
    die, imei = panel_of(driver.job).die, driver.job.ticket.imei
    driver.hands(lambda hands: hands.do("clear_socket", imei))
    driver.hands(lambda hands: hands.do("new_on_socket", imei, {"display": die}))
    driver.click("doubt_settle")
    driver.until(lambda: not bar.isVisible())
    (act,) = [act for act in driver.desk.ready.shop.journal.acts_on(die) if act.digest == "x"]
    assert act.state is ActState.FAILED
    assert act.found, "settled by what is on the part"


def test_nobody_plans_past_an_act_in_doubt(driver: Driver) -> None:
    number = next(n for n, job in driver.desk.jobs.items() if not job.steps and job.ticket.imei and not flex_alone(job))
    driver.desk.open_job(number)
    driver.idle()
    leave_in_doubt(driver, number)
    driver.window.open_stage(Stage.PLAN)
    driver.idle()
    driver.click("plan_main")
    driver.until(lambda: bool(driver.troubles))
    assert "never settled" in driver.troubles[-1].what
    assert not driver.job.steps


def test_the_bench_says_what_is_safe_and_how_the_links_are(driver: Driver) -> None:
    number = next(
        n for n, job in driver.desk.jobs.items() if work_of(job).source and work_of(job).target is not None and not job.closed
    )
    driver.desk.open_job(number)
    driver.window.open_stage(Stage.BENCH)
    standing = driver.window.views[Stage.BENCH].standing
    driver.until(lambda: standing.text().startswith("Safe now:"))
    driver.until(lambda: "Links: sound" in standing.text())
    driver.hands(lambda hands: hands.fault("lost_answer", times=-1, device="programmer"), rest=False)
    driver.desk.look()
    driver.until(lambda: "programmer: no link" in standing.text())
    driver.until(lambda: driver.desk.poll.interval() > POLL_MS)  # what is silent is looked at less often
    driver.hands(lambda hands: hands.fault("lost_answer", times=0), rest=False)
    driver.until(lambda: "exchanges failed" in standing.text())
    driver.until(lambda: driver.desk.poll.interval() == POLL_MS)


def test_a_job_handed_over_long_ago_is_found(driver: Driver) -> None:
    book = driver.desk.ready.shop.jobs
    old = replace(next(job for job in book.all() if job.closed), number=4321, uid="f" * 32, closed="2020-01-01T10:00:00+00:00")
    old = book.save(old, "then")
    driver.window.open_shop("jobs")
    driver.idle()
    search = driver.find("jobs_search")
    driver.bot.keyClicks(search, "J-4321")
    page = driver.window.views.shop.page("jobs")
    driver.until(lambda: page.rows.rowCount() == 1)
    assert page.rows.index(0, 0).data() == "J-4321", "what was found for J-4 while typing is not shown"
    driver.click("jobs_open")
    driver.until(lambda: driver.desk.number == 4321)
    assert driver.job == old


def test_copies_are_made_verified_and_restored(driver: Driver, tmp_path: Path) -> None:
    assert tmp_path
    driver.window.open_shop("copies")
    driver.click("copy_now")
    page = driver.window.views.shop.page("copies")
    driver.until(lambda: page.rows.rowCount() == 1)
    folder = driver.desk.ready.shop.folder
    (copy,) = copies_of(folder)
    driver.click("copy_verify")
    driver.until(lambda: "as it was kept" in page.note.text())
    before = driver.desk.ready
    number = driver.desk.number
    driver.desk.edit(complaint="typed after the copy")
    driver.idle()
    driver.until(lambda: driver.desk.copying.lane.current is None)
    driver.bot.mousePress(page.restore, Qt.MouseButton.LeftButton)
    driver.until(lambda: "is restored" in page.note.text() or bool(driver.troubles))
    driver.bot.mouseRelease(page.restore, Qt.MouseButton.LeftButton)
    assert not driver.troubles, driver.troubles[-1].what
    assert driver.desk.ready is not before
    assert driver.desk.jobs[number].ticket.complaint == "typed after the copy", "the further state of a job wins"
    assert copies_of(folder) == (copy,)
    driver.desk.edit(complaint="typed after the restore")
    driver.idle()
    assert driver.desk.ready.shop.jobs.get(number).ticket.complaint == "typed after the restore"


def test_what_is_asked_while_a_copy_is_restored_waits_for_it(driver: Driver) -> None:
    """No lane meets the store that was closed: what was going on ends first, what comes meanwhile is done after."""
    desk = driver.desk
    (lane,) = (lane for lane in desk.findChildren(Lane) if lane.objectName() == "finding")
    desk.copying.make()
    driver.until(lambda: desk.copying.lane.current is None)
    (copy,) = copies_of(desk.ready.shop.folder)
    before, seen, said = desk.ready, [], []

    def reads(_: Work) -> None:
        desk.ready.shop.jobs.all()
        time.sleep(0.2)
        seen.append(desk.ready is before and bool(desk.ready.shop.jobs.all()))

    going = Work("reading the index", reads)
    going.failed.connect(driver.troubles.append)
    lane.start(going)
    desk.copying.told.connect(said.append)
    desk.restore(copy)
    for act in (desk.reread, desk.replan, desk.copying.list, desk.metering.replug, desk.look, desk.reread_settings):
        act()
    desk.edit(complaint="typed while the copy is restored")
    driver.until(lambda: bool(said) or bool(driver.troubles))
    driver.until(lambda: all(lane.current is None for lane in desk.findChildren(Lane)))
    assert not driver.troubles, driver.troubles[-1].what
    assert seen == [True], "what was going on ended on the store that it began with"
    assert desk.ready is not before
    assert desk.ready.shop.jobs.get(desk.number).ticket.complaint == "typed while the copy is restored"
    driver.until(lambda: desk.job is not None and desk.job.ticket.complaint == "typed while the copy is restored")


def test_the_night_s_copy_is_made_by_itself(driver: Driver) -> None:
    driver.desk.copying._look_at_night()
    driver.until(lambda: len(copies_of(driver.desk.ready.shop.folder)) == 1)
    driver.desk.copying._look_at_night()
    driver.until(lambda: driver.desk.copying.lane.current is None)
    assert len(copies_of(driver.desk.ready.shop.folder)) == 1, "once a night"


def test_old_identifiers_are_purged_when_held(driver: Driver) -> None:
    book = driver.desk.ready.shop.jobs
    closed = next(job for job in book.all() if job.closed)
    book.save(replace(closed, closed="2020-01-01T10:00:00+00:00"), "then")
    driver.window.open_shop("copies")
    page = driver.window.views.shop.page("copies")
    driver.until(lambda: page.due.text().startswith("1 jobs"))
    driver.bot.mousePress(page.purge, Qt.MouseButton.LeftButton)
    driver.until(lambda: "purged from 1 jobs" in page.note.text())
    driver.bot.mouseRelease(page.purge, Qt.MouseButton.LeftButton)
    driver.until(lambda: driver.desk.jobs[closed.number].ticket.imei == "")
    assert book.get(closed.number).proofs


def test_a_tooltip_never_reads_markup() -> None:
    rows = Rows(("A",))
    rows.show_rows([("<img src='file:///etc/hostname'><b>x</b>",)])
    tip = str(rows.data(rows.index(0, 0), Qt.ItemDataRole.ToolTipRole))
    assert "<img" not in tip
    assert "&lt;img" in tip


def test_the_window_closes_whatever_a_device_does(driver: Driver) -> None:
    """A device that never answers, asked with more patience than any test has: its wire is hung up."""
    driver.hands(lambda hands: hands.fault("lost_answer", op="sockets", times=-1))
    rig = driver.desk.ready.rig
    rig.patience = 10_000.0
    rig.drop("programmer")
    ended: list[object] = []
    bench = driver.desk.bench
    driver.desk.run(bench, "looking", lambda _: rig.programmer().sockets(), ended.append)
    driver.until(lambda: bench.current is not None)
    driver.shell.close()
    assert bench.rests(0), "nobody waits for it any more"
    assert ended == []
    assert rig.left.is_set()
    with pytest.raises(DeviceGone):
        rig.programmer()


def test_a_lane_is_waited_for_no_longer_than_is_said(driver: Driver) -> None:
    lane, hung = Lane("hung", driver.desk), threading.Event()
    lane.start(Work("hanging", lambda _: hung.wait()))
    lane.end_by(time.monotonic())
    assert not lane.finish(), "it goes on, and nobody waits"
    hung.set()


def test_the_window_leaves_no_act_half_way_at_once(driver: Driver) -> None:
    for name in ("writing", "activating"):
        going, goes_on = threading.Event(), threading.Event()

        def act(_: Work, going: threading.Event = going, goes_on: threading.Event = goes_on) -> None:
            going.set()
            goes_on.wait()

        driver.desk.start(driver.desk.bench, name, act, driver.desk.told.emit, is_act=True)
        driver.until(going.is_set)
        driver.shell.close()
        assert driver.shell.isVisible(), "the first try stays open, for each act anew"
        assert f"in the middle of this: {name}" in driver.window.trouble_bar.what.text()
        goes_on.set()
        driver.idle()
    driver.shell.close()
    assert not driver.shell.isVisible()


def test_a_notice_goes_when_what_was_done_since_went_well(driver: Driver) -> None:
    bar, done = driver.window.trouble_bar, driver.desk.told.emit

    def fails(_: Work) -> None:
        raise Trouble("It did not go.", safe="All is safe.")

    driver.desk.start(driver.desk.store, "one thing", fails, done)
    driver.until(bar.isVisible)
    driver.troubles.clear()
    driver.desk.look()
    driver.idle()
    assert bar.isVisible(), "a look at the bench is nothing that was done"
    driver.desk.refresh_from_store()
    driver.idle()
    assert bar.isVisible(), "nor are the jobs that are read again after what failed"
    driver.desk.start(driver.desk.store, "another thing", lambda _: "done", done)
    driver.idle()
    assert bar.isVisible(), "nor is a page that was opened"
    driver.desk.start(driver.desk.store, "one thing", lambda _: "done", done)
    driver.until(lambda: not bar.isVisible())
    bar.show_trouble(Trouble("It did not go."))
    driver.desk.start(driver.desk.bench, "the next step", lambda _: "done", done)
    driver.until(lambda: not bar.isVisible())


def test_no_notice_moves_what_is_being_held(driver: Driver) -> None:
    window = driver.window
    window.open_shop("copies")
    driver.idle()
    hold = driver.find("purge")
    assert isinstance(hold, HoldButton)
    driver.until(lambda: driver.desk.copying.lane.current is None)
    hold.setEnabled(True)
    height = hold.mapTo(window, hold.rect().topLeft()).y()
    driver.bot.mousePress(hold, Qt.MouseButton.LeftButton)
    assert hold.is_held
    window.trouble_bar.show_trouble(Trouble("Something else went wrong."))
    driver.bot.wait(60)
    assert hold.mapTo(window, hold.rect().topLeft()).y() == height
    assert not window.trouble_bar.isVisible()
    driver.bot.mouseRelease(hold, Qt.MouseButton.LeftButton)
    driver.until(window.trouble_bar.isVisible)

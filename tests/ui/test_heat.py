"""Heat at a soldering step through the real window: watched, said, kept with the step."""

from msgspec.structs import replace

from daruma.core.heat.kept import HeatTrace
from daruma.core.job import Stage
from tests.ui.conftest import Driver
from tests.ui.walking import PATIENCE, by_mouse, held_by_mouse, to_the_proof


def watch(driver: Driver) -> None:
    """Watch the heat for a while; the step is done while it goes on."""
    view = driver.window.views[Stage.BENCH]
    driver.until(view.heat.isVisible)
    assert "at most 320 °C" in driver.said("heat_said")
    driver.click("heat_watch")
    driver.until(lambda: "No limit lies ahead" in driver.said("heat_said") or "it will be at" in driver.said("heat_said"))
    assert view.heat.picture.isVisible()
    assert not view.lens_sheet.isVisible()
    assert "faster than life" in driver.said("heat_said")
    driver.until(lambda: len(driver.desk.heating.heat.t) > 120, PATIENCE)  # type: ignore[union-attr]


def test_the_heat_is_watched_and_kept_with_its_step(driver: Driver) -> None:
    to_the_proof(driver, "dead in the corner", by_mouse, held_by_mouse, {"lift_chip": watch})
    driver.until(lambda: bool(driver.job.heats))
    assert driver.job.heats[0].step == "lift_chip"
    assert len(driver.job.heats[0].celsius) > 100
    assert driver.desk.heating.watched is None
    assert not driver.troubles


def test_without_a_thermocouple_it_is_said_once(driver: Driver) -> None:
    workshop = driver.desk.ready
    workshop.heating._rig.wires = {}
    said: list[object] = []
    driver.desk.heating.failed.connect(said.append)
    driver.desk.heating.begin("lift_chip")
    driver.until(lambda: bool(said))
    driver.bot.wait(700)
    assert len(said) == 1
    assert driver.desk.heating.watched is None
    assert "thermocouple" in said[0].what  # type: ignore[attr-defined]


def test_a_result_that_comes_late_does_not_undo_what_another_lane_has_kept(driver: Driver) -> None:
    before = driver.job
    trace = HeatTrace("lift_chip", "2026-11-28T10:00:00+00:00", "thermocouple", (0.0, 1.0, 2.0), (20.0, 30.0, 40.0), 40.0)
    kept = driver.desk.ready.shop.jobs.save(replace(before, heats=(trace,)), "now")
    driver.desk._took(kept)
    assert driver.job.heats == (trace,)
    # saved before the other, told after it
    driver.desk._took(replace(before, way="an older way"))
    driver.until(lambda: driver.desk.store.current is None)
    driver.idle()
    assert driver.job.heats == (trace,)
    assert driver.job.revision >= kept.revision

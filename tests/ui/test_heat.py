"""Heat at a soldering step through the real window: watched, said, kept with the step."""

from daruma.core.job import Stage
from tests.ui.conftest import Driver
from tests.ui.walking import PATIENCE, open_ticket


def test_the_heat_is_watched_and_kept_with_its_step(driver: Driver) -> None:
    open_ticket(driver, "dead in the corner")
    for _ in range(3):
        driver.click("intake_main")
        driver.idle()
    driver.until(lambda: driver.window.stage is Stage.PLAN and driver.desk.plan is not None)
    driver.idle()
    driver.click("plan_main")
    driver.until(lambda: driver.window.stage is Stage.BENCH)
    view = driver.window.views[Stage.BENCH]
    while driver.step() != "lift_chip":
        step = driver.step()
        if step == "write_new":
            driver.until(lambda: view.hold.isVisible() and view.hold.isEnabled())
            view.hold.held.emit()
        else:
            driver.click("bench_main")
        driver.until(lambda step=step: driver.step() != step)  # type: ignore[misc]
        driver.idle()
    driver.until(view.heat.isVisible)
    assert "at most 320 °C" in driver.said("heat_said")
    driver.click("heat_watch")
    driver.until(lambda: "No limit lies ahead" in driver.said("heat_said") or "it will be at" in driver.said("heat_said"))
    assert view.heat.picture.isVisible()
    assert not view.lens_sheet.isVisible()
    assert "faster than life" in driver.said("heat_said")
    driver.until(lambda: len(driver.desk.heating.heat.t) > 120, PATIENCE)  # type: ignore[union-attr]
    # the step is done: the watch ends with it
    driver.click("bench_main")
    driver.until(lambda: driver.step() != "lift_chip")
    driver.until(lambda: bool(driver.job.heats))
    assert driver.job.heats[0].step == "lift_chip"
    assert len(driver.job.heats[0].celsius) > 100
    driver.until(view.lens_sheet.isVisible)
    assert not driver.troubles

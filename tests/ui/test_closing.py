"""Closing up through the real window: ticked one after the other, checked when closed, told on the shop's sheet."""

import pytest

from daruma.core.closing import closing_steps
from daruma.core.job import Stage
from tests.ui.conftest import Driver
from tests.ui.walking import by_mouse, held_by_mouse, to_the_proof, to_the_second_eye


@pytest.fixture(autouse=True)
def proven(driver: Driver) -> None:
    to_the_proof(driver, "No vibration", by_mouse, held_by_mouse)
    to_the_second_eye(driver, by_mouse)
    driver.window.open_stage(Stage.HAND_OVER)
    driver.click("page_closing")


def test_a_phone_is_closed_up(driver: Driver) -> None:
    view = driver.window.views[Stage.HAND_OVER]
    assert view.stack.currentWidget() is view.closing_up
    model = driver.desk.ready.catalogue.models[driver.job.ticket.model]
    steps = closing_steps(model.closing)
    for place, step in enumerate(steps):
        assert step.how == driver.said("closing_how")
        driver.click(f"closing_{step.key.replace(' ', '_')}")
        driver.until(lambda place=place: len(driver.job.closing) == place + 1)  # type: ignore[misc]
        driver.idle()
    assert driver.text("page_closing") == f"Closing up: {len(steps)} of {len(steps)}"
    driver.click("page_shop")
    driver.idle()
    driver.until(lambda: "Seal and close" in view.preview.toPlainText())
    assert "not ticked" not in view.preview.toPlainText()
    assert not driver.troubles


def test_a_function_that_is_gone_when_closed_is_said(driver: Driver) -> None:
    imei = driver.job.ticket.imei
    driver.hands(lambda hands: hands.do("power_off", imei, {}))
    driver.hands(lambda hands: hands.do("pinch_motor", imei, {}))
    driver.hands(lambda hands: hands.do("power_on", imei, {}))
    driver.click("closing_check")
    driver.until(lambda: bool(driver.troubles))
    assert "no longer shows" in driver.troubles.pop().what
    assert not driver.job.closing

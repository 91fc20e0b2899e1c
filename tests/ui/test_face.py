"""Face ID through the real window: from the complaint to the unlocked phone, by mouse alone and by keyboard alone."""

from daruma.core.acts import ActKind
from daruma.core.job import Stage
from daruma.core.kinds.face_module import FaceWork
from daruma.core.parts import Function
from tests.parts import some
from tests.ui.conftest import Driver
from tests.ui.walking import Held, Press, mostly_by_mouse, open_ticket, to_the_proof, to_the_second_eye


@mostly_by_mouse
def test_from_complaint_to_unlocked_phone(driver: Driver, press: Press, held: Held) -> None:
    to_the_proof(driver, "top edge", press, held)
    work = driver.job.of(FaceWork)
    assert len(work.trace) > 5, "volts and amperes were taken down while it was activated"
    assert [test.through for test in work.tests] == [False, False, True]
    to_the_second_eye(driver, press)
    page = driver.window.views[Stage.HAND_OVER].preview.toPlainText()
    assert "no longer what its maker certified" in page
    driver.click("page_shop")
    page = driver.window.views[Stage.HAND_OVER].preview.toPlainText()
    assert "dots are where this module's map has them" in page
    spent = [act for act in driver.desk.ready.shop.journal.acts_of(driver.job.uid) if act.kind is ActKind.ACTIVATE]
    assert len(spent) == 1
    labels = {label for label, _ in spent[0].evidence}
    assert {"Kept in the second place", "Supply at 19 V", "Module never activated", "Original module seated"} <= labels


def test_a_module_that_cannot_be_saved_is_said_at_once(driver: Driver) -> None:
    open_ticket(driver, "market stall")
    driver.window.open_stage(Stage.PLAN)
    driver.until(lambda: driver.desk.plan is not None)
    driver.idle()
    plan = some(driver.desk.plan)
    assert plan.routes == ()
    assert {closed.reason for closed in plan.closed} == {"the module was repaired before"}
    assert not driver.window.views[Stage.PLAN].main.isEnabled()


def test_the_wrong_file_is_found_by_the_dots(driver: Driver) -> None:
    open_ticket(driver, "'its' data")
    driver.window.open_stage(Stage.PROOF)
    driver.idle()
    driver.click("proof_main")
    driver.until(lambda: driver.job.proof(Function.FACE_UNLOCK) is not None)
    driver.idle()
    proof = driver.window.views[Stage.PROOF]
    assert "another module's map" in proof.pages["dots"].said.text()
    driver.click("tab_depth")
    assert proof.stack.currentWidget() is proof.pages["depth"]
    driver.until(lambda: proof.pages["depth"].picture.picture is not None)
    assert len(proof.pages["depth"].picture.picture.items) > 300

"""A dead haptic motor through the real window: from the complaint to the second eye, by mouse alone and by keyboard alone."""

import json
from pathlib import Path

from click.testing import CliRunner

from daruma.core.job import Stage
from daruma.core.kinds.motor import MotorWork
from daruma.core.parts import Function
from daruma.judging import judge
from tests.parts import some
from tests.ui.conftest import Driver
from tests.ui.walking import Held, Press, both_ways, exported, to_the_proof, to_the_second_eye


@both_ways
def test_from_complaint_to_second_eye(driver: Driver, press: Press, held: Held, tmp_path: Path) -> None:
    to_the_proof(driver, "No vibration", press, held)
    to_the_second_eye(driver, press)
    out = exported(driver, Function.HAPTICS, "shakes", "rings at", tmp_path / "shakes.csv")
    assert not driver.window.views[Stage.PROOF].importing.isVisible()
    shakes = driver.job.of(MotorWork).shakes
    proof = some(driver.job.proof(Function.HAPTICS))
    calibrated = proof.summary.partition("calibrated ")[2].split()[0]
    call = ["motor", str(out), "--f0", calibrated, "--level", "1.2", "--driven", str(shakes[0].driven), "--json"]
    done = CliRunner().invoke(judge, call)
    found = json.loads(done.output)
    assert found["verdict"] == "taps as calibrated"
    assert f"{found['f0_hz']['value']:.2f}" in dict(proof.numbers)["resonance"]

"""The haptic motor at the bench: proven by its taps, and a known-good one before the board is blamed."""

from collections.abc import Iterator
from contextlib import contextmanager
from pathlib import Path
from typing import Any

import pytest

from daruma.bench.context import Context
from daruma.core.errors import Trouble
from daruma.core.job import StepState
from daruma.core.kinds.motor import MotorWork
from daruma.core.parts import Function
from daruma.standin.kinds.motor import Motor
from tests.bench.jobbench import JobBench, job_bench
from tests.parts import some


class Bench(JobBench):
    """A phone whose motor does not tap."""

    @property
    def new(self) -> Motor:
        return self.laying.world.of(Motor)[f"M{self.phone.imei}"]


@contextmanager
def bench(tmp_path: Path, **entry: Any) -> Iterator[Bench]:
    with job_bench(Bench, tmp_path, {"promised": ["haptics"], "motor": "dead", **entry}, model="birch") as made:
        yield made


def test_a_new_motor_taps_as_its_own_calibration_says(tmp_path: Path) -> None:
    with bench(tmp_path) as at:
        at.until("prove_haptics")
        proof = at.prove(Function.HAPTICS)
        assert proof.proven
        assert dict(proof.numbers)["found"] == "taps as calibrated"
        assert f"{at.new.f0:.0f}" in proof.summary or "Hz" in proof.summary
        assert len(at.job.of(MotorWork).shakes) == 4
        assert at.workshop.shop.jobs.get(at.job.number).of(MotorWork) == at.job.of(MotorWork)


@pytest.mark.parametrize(
    ("ail", "why"), [("worn", "spring is worn"), ("stuck", "hardly moves"), ("open", "does not move"), ("dumb", "buzzes once")]
)
def test_what_ails_the_new_one_keeps_the_proof_away(ail: str, why: str, tmp_path: Path) -> None:
    with bench(tmp_path) as at:
        at.until("swap_motor")
        at.new.sound, at.new.ail = False, ail
        at.until("prove_haptics")
        proof = at.prove(Function.HAPTICS)
        assert not proof.proven
        assert why in proof.summary


def test_before_the_board_is_blamed_a_known_good_motor_is_compared(tmp_path: Path) -> None:
    with bench(tmp_path) as at:
        at.until("prove_haptics")
        at.phone.drives = False
        assert not at.prove(Function.HAPTICS).proven
        plan = at.workshop.plan(at.job)
        keys = [action.key for action in plan.routes[0].actions]
        assert "compare_motor" in keys
        assert keys.index("compare_motor") < keys.index("swap_motor")
        at.job = at.workshop.choose(at.job, plan.routes[0], Context())
        at.until("compare_motor")
        with pytest.raises(Trouble, match="drives none"):
            at.do()
        index = some(at.job.current_step)
        at.job = at.workshop.fail_step(at.job, index, Context())
        assert at.job.steps[index].state is StepState.FAILED
        plan = at.workshop.plan(at.job)
        assert not any(Function.HAPTICS in route.kept for route in plan.routes)
        reasons = [closed.reason for closed in plan.closed]
        assert any("drives no motor" in reason for reason in reasons), reasons


def test_a_second_new_motor_is_fitted_where_the_board_is_sound(tmp_path: Path) -> None:
    with bench(tmp_path) as at:
        at.until("swap_motor")
        at.new.sound, at.new.ail = False, "dumb"
        at.until("prove_haptics")
        assert not at.prove(Function.HAPTICS).proven
        at.job = at.workshop.choose(at.job, at.workshop.plan(at.job).routes[0], Context())
        at.until("prove_haptics")
        assert len(at.laying.world.of(Motor)) == 3, "the old one, a dumb one, another one"
        assert at.prove(Function.HAPTICS).proven
        assert at.job.all_proven
        assert at.workshop.shop.check()[1] == ()

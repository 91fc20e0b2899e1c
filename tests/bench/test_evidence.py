"""Evidence says whose it is: what is swapped between the check and the act is seen at the act, and no measurement of one part
proves another.
"""

from collections.abc import Callable
from pathlib import Path
from typing import Any

import pytest
from msgspec.structs import replace

from daruma.bench import acting
from daruma.bench.acting import InterlockDark
from daruma.bench.context import Context
from daruma.bench.kinds.motor import prove_taps
from daruma.core.acts import ActKind, ActState
from daruma.core.errors import Trouble
from daruma.core.interlocks import Interlock
from daruma.core.job import Step, StepState
from daruma.core.kinds.face_module import FaceWork
from daruma.core.kinds.motor import KIND, MotorWork
from daruma.core.parts import Function, PartSelf
from daruma.standin.kinds.face_module import Module
from daruma.store.twice import FOLDER
from tests.bench.jobbench import JobBench, job_bench
from tests.bench.test_battery import bench as battery_bench
from tests.bench.test_face_module import bench as face_bench


def stranger(at: Any) -> None:
    world = at.laying.world
    other = replace(at.module, die="0123456789AB", switch="closed")
    world.of(Module)[other.die] = other
    world.sockets["face"] = other.die


def spoilt_copy(at: Any) -> None:
    kept = next((at.second / FOLDER).iterdir())
    kept.write_bytes(kept.read_bytes().replace(b"a", b"b", 1))


def set_world(**values: object) -> Callable[[Any], None]:
    return lambda at: [setattr(at.laying.world, name, value) for name, value in values.items()]  # type: ignore[return-value]


SWAPS: dict[str, Callable[[Any], None]] = {
    "supply": set_world(supply_volts=0.0),
    "lamp": set_world(supply_on=False),
    "firmware": set_world(firmware="0.1"),
    "phone off": lambda at: at.technician.hands.do("power_off", at.phone.imei, {}),
    "trust": lambda at: setattr(at.phone, "trusted", False),
    "module": stranger,
    "place": lambda at: at.laying.world.sockets.update(face=None),
    "switch": lambda at: setattr(at.module, "switch", "open"),
    "counter": lambda at: setattr(at.module, "activations", 1),
    "second copy": spoilt_copy,
}


@pytest.mark.parametrize("swap", SWAPS)
def test_whatever_is_swapped_between_check_and_activation_is_seen(
    swap: str, tmp_path: Path, monkeypatch: pytest.MonkeyPatch
) -> None:
    with face_bench(tmp_path) as at:
        at.until("activate_module")
        once: list[bool] = []
        refuse = acting.refuse_dark

        def swapped(locks: tuple[Interlock, ...]) -> None:
            refuse(locks)
            if not once:
                once.append(True)
                SWAPS[swap](at)

        monkeypatch.setattr("daruma.bench.kinds.face_module.refuse_dark", swapped)
        with pytest.raises(Trouble) as raised:
            at.do()
        assert once, "the check was passed"
        assert isinstance(raised.value, InterlockDark) or swap == "place"
        assert at.begun() == 0
        assert not [act for act in at.workshop.shop.journal.acts_of(at.job.uid) if act.kind is ActKind.ACTIVATE]


def test_a_flex_that_was_not_joined_with_the_measured_cell_is_not_enabled(tmp_path: Path) -> None:
    with battery_bench(tmp_path) as at:
        at.until("activate_pack")
        at.job = at.job.having(replace(at.work, cell="ANOTHERFLEX1"))
        with pytest.raises(InterlockDark, match="measured cell is in ANOTHERFLEX1"):
            at.do()
        assert at.enabled() == 0


class MotorBench(JobBench):
    """A phone whose motor is dead."""


def test_shakes_of_one_motor_prove_no_other(tmp_path: Path) -> None:
    with job_bench(MotorBench, tmp_path, {"promised": ["haptics"], "motor": "dead"}) as at:
        at.until("prove_haptics")
        assert at.prove(Function.HAPTICS).proven
        taken = at.job.of(MotorWork)
        assert at.job.evidence(MotorWork).shakes == taken.shakes != ()
        another = at.job.having(replace(taken, target=PartSelf("MOTHER00001", KIND, "", "cedar_l", 64)))
        assert another.evidence(MotorWork).shakes == (), "another motor"
        later = replace(at.job, steps=(*at.job.steps, Step("fit_motor", StepState.DONE, "", "later")))
        assert later.evidence(MotorWork).shakes == (), "the same one, fitted anew"
        assert not prove_taps(at.workshop, another, Context()).proven


def test_dots_and_unlocks_of_one_module_prove_no_other(tmp_path: Path) -> None:
    with face_bench(tmp_path) as at:
        at.go_on("prove_face_unlock")
        at.prove(Function.FACE_UNLOCK)
        work = at.job.of(FaceWork)
        assert work.frames
        assert at.job.evidence(FaceWork) == work
        other = replace(at.job, steps=(*at.job.steps, Step("fit_module", StepState.DONE, "", "later")))
        seen = other.evidence(FaceWork)
        assert (seen.frames, seen.unlocked, seen.tried, seen.warns) == ((), 0, 0, False)
        acts = at.workshop.shop.journal.acts_of(at.job.uid)
        assert [act.state for act in acts if act.kind is ActKind.ACTIVATE] == [ActState.DONE]

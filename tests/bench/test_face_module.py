"""The face module's one activation, whatever goes wrong: never twice, never without both copies, never unknown to the journal."""

import random
from collections.abc import Iterator
from contextlib import contextmanager, suppress
from pathlib import Path
from typing import Any

import pytest
from msgspec.structs import replace

from daruma.bench.acting import InDoubt, InterlockDark, WriteFailed
from daruma.bench.context import Context
from daruma.bench.keeping import keep_part
from daruma.bench.reading import read_part
from daruma.core.acts import ActKind, ActState
from daruma.core.errors import Trouble
from daruma.core.interlocks import dark
from daruma.core.job import StepState
from daruma.core.kinds.face_module import FaceState, FaceWork
from daruma.core.parts import Function
from daruma.core.records import encode
from daruma.standin.glass_map import glass_map
from daruma.standin.kinds.display.panel import Panel
from daruma.standin.kinds.face_module import Module
from daruma.store.twice import FOLDER
from tests.bench.faultbench import plug_in
from tests.bench.jobbench import WIRES, JobBench, job_bench
from tests.conftest import seeds, share

ENDS = ("voltage_dip", "supply_sags", "poor_contact", "noisy_contact", "folded_wrong", "wrong_part", "slow")


class Bench(JobBench):
    """A shop with one phone whose face module is dark."""

    @property
    def module(self) -> Module:
        """The phone's own module, as it is."""
        return self.laying.world.home(self.phone, Module)

    def begun(self) -> int:
        """How often an activation was really begun on the module."""
        return sum(event[:3] == ["activate", self.module.die, "begun"] for event in self.laying.world.events)


@contextmanager
def bench(tmp_path: Path, *, second: bool = True, model: str = "cedar_l", **entry: Any) -> Iterator[Bench]:
    with job_bench(Bench, tmp_path, {"promised": ["face_unlock"], "face": "dark", **entry}, second=second, model=model) as made:
        yield made


@pytest.mark.parametrize("fault", ["voltage_dip", "supply_sags"])
def test_a_supply_that_fails_leaves_it_spent(fault: str, tmp_path: Path) -> None:
    with bench(tmp_path) as at:
        at.until("activate_module")
        how: dict[str, Any] = {"op": "face.activate"} if fault == "voltage_dip" else {"times": -1}
        at.technician.hands.fault(fault, **how)
        with pytest.raises((WriteFailed, InterlockDark)):
            at.do()
        if fault == "supply_sags":
            assert at.begun() == 0, "an interlock was dark: nothing was sent"
            return
        assert at.begun() == 1
        at.technician.hands.calm()
        assert at.workshop.shop.journal.spent(ActKind.ACTIVATE, at.module.die)
        with suppress(Trouble):
            at.do()
        assert at.begun() == 1, "never repeated"


@pytest.mark.parametrize("fault", ["unplug", "lost_answer", "die", "reset"])
@pytest.mark.parametrize("op", ["face.activate", "face.step", "face.test"])
def test_whatever_the_wire_does_it_is_begun_once_and_known(fault: str, op: str, tmp_path: Path) -> None:
    with bench(tmp_path) as at:
        at.until("activate_module")
        at.technician.hands.fault(fault, op=op)
        with suppress(Trouble):
            at.do()
        at.technician.hands.calm()
        workshop, journal = at.workshop, at.workshop.shop.journal
        plug_in(workshop)
        for act in journal.left_in_doubt():
            at.job, state = workshop.settle(act, Context())
            assert state in (ActState.DONE, ActState.FAILED, ActState.NOT_SENT)
        for _ in range(3):
            if at.step() == "activate_module" and at.job.steps[at.job.current_step or 0].state is StepState.OPEN:
                with suppress(Trouble):
                    at.do()
        assert at.begun() <= 1
        acts = [act for act in journal.acts_on(at.module.die) if act.kind is ActKind.ACTIVATE]
        if at.begun():
            assert any(act.state is not ActState.NOT_SENT for act in acts), "the journal knows"
        if any(act.state is ActState.DONE for act in acts):
            assert at.module.switch == "open"


def test_killed_between_the_act_and_its_step_it_is_known_as_done(tmp_path: Path, monkeypatch: pytest.MonkeyPatch) -> None:
    """The phone is off after the act, and the switch is open: asked again, it would be called spent."""
    with bench(tmp_path) as at:
        at.until("activate_module")
        journal, jobs = at.workshop.shop.journal, at.workshop.shop.jobs

        def lost(*_: object) -> None:
            raise Trouble("the power went")

        with monkeypatch.context() as patch, pytest.raises(Trouble, match="power went"):
            settle = journal.settle
            patch.setattr(journal, "settle", lambda *how, **more: (settle(*how, **more), patch.setattr(jobs, "save", lost)))
            at.do()
        assert (at.step(), at.begun()) == ("activate_module", 1)
        assert not journal.left_in_doubt()
        at.do()
        step = next(step for step in at.job.steps if step.action == "activate_module")
        assert (step.state, step.note, at.begun()) == (StepState.DONE, "settled: done", 1)
        at.do()


def test_another_part_on_the_place_is_never_activated(tmp_path: Path) -> None:
    """Not at the first try and not at the next: nothing that was seated since makes a part the one that was backed up."""
    with bench(tmp_path) as at:
        at.until("activate_module")
        world = at.laying.world
        stranger = replace(at.module, die="0123456789AB", switch="closed")
        world.of(Module)[stranger.die] = stranger
        for skip in range(3):
            world.sockets["face"] = at.module.die
            at.technician.hands.fault("wrong_part", op="sockets", skip=skip)
            for _ in range(2):
                with suppress(Trouble):
                    at.do()
            at.technician.hands.calm()
        assert not [event for event in world.events if event[0] == "activate" and event[1] != at.module.die]


def test_every_interlock_goes_dark_for_its_own_reason(tmp_path: Path) -> None:
    with bench(tmp_path) as at:
        at.until("activate_module")
        workshop, world = at.workshop, at.laying.world

        def darkened() -> set[str]:
            return {lock.key for lock in dark(workshop.survey(at.job, Context()).locks)}

        at.technician.hands.do("power_off", at.phone.imei, {})
        assert darkened() == {"phone", "trust"}, "a phone that is off says nothing of itself"
        at.technician.hands.do("wake_phone", at.phone.imei, {})
        assert darkened() == set()
        at.phone.trusted = False
        assert "trust" in darkened()
        at.phone.trusted = True
        world.supply_volts = 18.0
        assert darkened() == {"volts"}
        world.supply_volts, world.supply_on = 19.0, False
        assert darkened() == {"volts", "lamp"}
        world.supply_on = True
        kept = next((at.second / FOLDER).iterdir())
        data = kept.read_bytes()
        kept.write_bytes(data.replace(b"a", b"b", 1))
        assert darkened() == {"second"}, "the copy is read when it counts, not when it was made"
        kept.write_bytes(data)
        at.module.switch = "open"
        assert darkened() == {"counter"}, "switch and counter are asked now, whatever an earlier test said"
        at.module.switch, at.module.activations = "closed", 1
        assert darkened() == {"counter"}
        at.module.activations = 0
        world.sockets["face"] = next(part.die for part in world.everything() if isinstance(part, Panel))
        assert {"module", "counter"} <= darkened()
        world.firmware = "1.0"
        assert {"firmware", "module"} <= darkened()


def test_without_a_second_place_nothing_is_activated(tmp_path: Path) -> None:
    with bench(tmp_path, second=False) as at:
        at.until("back_up_module")
        with pytest.raises(Trouble, match="no second place") as raised:
            at.do()
        assert "Shop, Set-up" in raised.value.advice
        assert at.step() == "back_up_module"


@pytest.mark.parametrize("fault", ["silent", "repaired"])
def test_a_module_beyond_saving_is_found_before_anything_is_spent(fault: str, tmp_path: Path) -> None:
    with bench(tmp_path, face_fault=fault) as at:
        at.until("test_module")
        with pytest.raises(Trouble, match="cannot be saved"):
            at.do()
        plan = at.workshop.plan(at.job)
        assert plan.routes == ()
        reasons = {closed.way: closed.reason for closed in plan.closed}
        assert reasons["Extension flex after activation"] == "the module was found beyond saving"
        assert not (at.second / FOLDER).exists(), "no backup, no extension flex, no activation"


@pytest.mark.parametrize(("state", "words"), [("torn", "flex is torn"), ("moist", "every line leaks")])
def test_torn_and_wet_are_told_apart(state: str, words: str, tmp_path: Path) -> None:
    with bench(tmp_path) as at:
        at.until("test_module")
        setattr(at.module, state, True)
        with pytest.raises(Trouble, match=words):
            at.do()


def test_an_adapter_with_its_own_supply_needs_none(tmp_path: Path) -> None:
    with bench(tmp_path) as at:
        at.laying.world.own_supply = True
        at.until("activate_module")
        at.laying.world.supply_on = False
        locks = {lock.key: lock for lock in at.workshop.survey(at.job, Context()).locks}
        assert "lamp" not in locks
        assert locks["volts"].evidence == "the adapter has its own supply"
        at.do()
        assert at.module.switch == "open"


def test_an_adapter_that_is_swapped_after_the_test_is_asked_again(tmp_path: Path) -> None:
    """Tested on an adapter that brings its own supply, then seated on one without, the bench supply at nothing."""
    with bench(tmp_path) as at:
        at.laying.world.own_supply = True
        at.until("activate_module")
        at.laying.world.own_supply, at.laying.world.supply_volts, at.laying.world.supply_on = False, 0.0, False
        assert {"volts", "lamp"} <= {lock.key for lock in dark(at.workshop.survey(at.job, Context()).locks)}
        with pytest.raises(InterlockDark, match="Supply at 19 V"):
            at.do()
        assert at.begun() == 0


def test_a_device_that_begins_and_says_that_it_is_busy_is_not_believed(tmp_path: Path) -> None:
    with bench(tmp_path) as at:
        at.until("activate_module")
        at.technician.hands.fault("lying_answer", op="face.activate")
        with pytest.raises(InDoubt, match="not known whether it has begun"):
            at.do()
        journal = at.workshop.shop.journal
        (act,) = journal.left_in_doubt()
        assert journal.spent(ActKind.ACTIVATE, at.module.die)
        with pytest.raises(Trouble):
            at.do()
        assert at.begun() == 1, "nothing is sent past it"
        at.job, state = at.workshop.settle(act, Context())
        assert (state, at.module.switch) == (ActState.DONE, "open"), "a later look tells"


@pytest.mark.parametrize("fault", share(WIRES, 4))
def test_every_fault_of_the_wire_at_every_step(fault: str, tmp_path: Path) -> None:
    """The fault strikes each step once; the way is gone to its end all the same, or is given up for a spent activation."""
    with bench(tmp_path) as at:
        workshop, journal = at.workshop, at.workshop.shop.journal
        struck = set[str]()
        for _ in range(50):
            step = at.step()
            if step in ("", "prove_face_unlock"):
                break
            if step not in struck:
                struck.add(step)
                at.technician.hands.fault(fault)
            with suppress(Trouble):
                at.do()
            at.technician.hands.calm()
            plug_in(workshop)
            for act in journal.left_in_doubt():
                at.job, _ = workshop.settle(act, Context())
            index = at.job.current_step
            if index is not None and at.job.steps[index].state is StepState.FAILED:
                assert at.job.steps[index].action == "activate_module", "only what can be done once may end it"
                break
        assert at.begun() <= 1
        assert at.step() in ("prove_face_unlock", "activate_module")
        if at.module.switch == "open":
            assert any(act.state is ActState.DONE for act in journal.acts_on(at.module.die))


@pytest.mark.parametrize("fault", ["infrared", "flood"])
def test_what_is_no_fault_of_the_projector_is_told_first(fault: str, tmp_path: Path) -> None:
    with bench(tmp_path, face_fault=fault) as at:
        assert at.step() == "check_face_codes"
        with pytest.raises(Trouble, match="no answer"):
            at.do()
        assert at.workshop.plan(at.job).routes == ()


def test_what_the_ticket_says_closes_the_ways_at_once(tmp_path: Path) -> None:
    for state in (FaceState.SILENT, FaceState.REPAIRED, FaceState.INFRARED_DEAD, FaceState.FLOOD_DEAD):
        with bench(tmp_path / state.value, face=state.value) as at:
            plan = at.workshop.plan(at.job)
            assert plan.routes == ()
            assert any(closed.function is Function.FACE_UNLOCK for closed in plan.closed)
            assert all(closed.reason for closed in plan.closed)


def test_only_models_with_a_plate_have_it_cut(tmp_path: Path) -> None:
    with bench(tmp_path / "birch", model="birch") as at:
        keys = [step.action for step in at.job.steps]
        assert keys.index("cut_locating_plate") < keys.index("fold_extension")
    with bench(tmp_path / "cedar") as at:
        assert "cut_locating_plate" not in [step.action for step in at.job.steps]


def test_a_flex_folded_wrong_reads_open_and_says_so(tmp_path: Path) -> None:
    with bench(tmp_path) as at:
        at.until("fold_extension")
        at.technician.hands.fault("folded_wrong")
        at.do()
        with pytest.raises(Trouble, match="every line reads open: it is folded wrong"):
            at.do()
        assert at.job.of(FaceWork).tests[-1].lines[0][2] == "open"
        at.technician.hands.do("fold_extension", at.phone.imei, {})
        at.do()
        assert at.job.of(FaceWork).tests[-1].normal


def test_another_phone_s_module_is_not_kept(tmp_path: Path) -> None:
    with bench(tmp_path) as at:
        at.until("back_up_module")
        model = at.workshop.catalogue.models["cedar_l"]
        other = at.laying.phone(model, "4.4", "another", {"face": "dark"})
        at.laying.world.sockets["face"] = other.home["face_module"]
        with pytest.raises(Trouble, match="not this phone's"):
            at.do()
        assert at.workshop.shop.vault.count() == 0


def test_a_map_that_differs_from_an_earlier_backup_is_said(tmp_path: Path) -> None:
    with bench(tmp_path) as at:
        at.until("back_up_module")
        workshop, layout = at.workshop, at.workshop.catalogue.models["cedar_l"].layout(FaceWork.KIND)
        own = at.module.memory
        other = [value for dot in glass_map("another") for value in dot]
        values = {f"dot_map_{n + 1}": tuple(other[140 * n : 140 * (n + 1)]) for n in range(6)}
        at.module.memory = encode(layout, values, bytes.fromhex(own)).hex()
        found = read_part(workshop.rig, workshop.catalogue, workshop.model(at.job), Context(), kind=FaceWork.KIND, socket="face")
        keep_part(workshop.shop.vault, found, at.job, workshop.rig.programmer().hello(), "2026-01-02T03:04:05+00:00")
        at.module.memory = own
        at.do()
        note = next(step.note for step in at.job.steps if step.action == "back_up_module")
        assert "not the same map" in note
        assert "B-00001 of 2026-01-02: the dots will tell which is right" in note


def test_another_module_s_map_is_told_by_its_dots(tmp_path: Path) -> None:
    """Somebody wrote another map to the module: all lines are normal, and the light tells all the same."""
    with bench(tmp_path, face_map="another") as at:
        at.until("prove_face_unlock")
        proof = at.prove(Function.FACE_UNLOCK)
        assert not proof.proven
        assert "another module's map" in proof.summary
        assert "warning stays" in proof.summary
        frames = at.job.of(FaceWork).frames
        assert at.workshop.shop.jobs.get(at.job.number).of(FaceWork).frames == frames, "the dots are kept"


def test_a_projector_without_light_is_told_from_a_wrong_map(tmp_path: Path) -> None:
    """Every line is normal, and no dot is thrown."""
    with bench(tmp_path) as at:
        at.until("prove_face_unlock")
        at.module.lightless = True
        proof = at.prove(Function.FACE_UNLOCK)
        assert not proof.proven
        assert "the projector is dark" in proof.summary
        assert "another module" not in proof.summary


def random_run(at: Bench, rng: random.Random) -> None:
    """Work to the end with a fault now and then; what is left in doubt is settled, and planned again from there."""
    for _ in range(60):
        if at.step() in ("", "prove_face_unlock"):
            return
        copies = len(list((at.second / FOLDER).iterdir())) if (at.second / FOLDER).exists() else 0
        begun = at.begun()
        if rng.random() < 0.35:
            name = rng.choice((*WIRES, *ENDS))
            with suppress(Trouble):
                at.technician.hands.fault(name, skip=rng.randrange(6))
        with suppress(Trouble):
            at.do()
        if at.begun() > begun:
            assert copies >= 1, "begun only with both copies"
        if not at.mended():
            return


def check(tmp_path: Path, seed: int) -> None:
    rng = random.Random(f"face/{seed}")
    with bench(tmp_path / str(seed)) as at:
        with suppress(InDoubt):
            random_run(at, rng)
        acts = [act for act in at.workshop.shop.journal.acts_on(at.module.die) if act.kind is ActKind.ACTIVATE]
        assert at.begun() <= 1, seed
        assert bool(at.begun()) <= any(act.state is not ActState.NOT_SENT for act in acts), seed
        others = [event for event in at.laying.world.events if event[0] == "activate" and event[1] != at.module.die]
        assert not others, seed
        if at.begun():
            assert at.workshop.shop.vault.count() >= 1
        assert at.workshop.shop.check()[1] == ()


@pytest.mark.parametrize("tried", seeds(2, 300))
def test_random_faults_on_the_whole_way(tried: range, tmp_path: Path) -> None:
    for seed in tried:
        check(tmp_path, seed)

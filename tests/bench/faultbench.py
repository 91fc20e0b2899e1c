"""A bench for fault tests: the stand-ins on threads behind real wires, a technician who follows the advice."""

import random
import time
from collections.abc import Callable
from dataclasses import dataclass, field
from pathlib import Path

from daruma.bench.context import Context
from daruma.bench.rig import Rig
from daruma.bench.workshop import Workshop
from daruma.catalogue.loader import Catalogue
from daruma.core.errors import Trouble
from daruma.core.job import Job, StepState
from daruma.core.parts import Function
from daruma.core.plan.proofs import proof_key
from daruma.demo.hands import Hands, connect_hands
from daruma.demo.marks import WORLD
from daruma.link.errors import LinkError, Refused
from daruma.standin.file import load_world
from daruma.standin.server import Bench
from daruma.store.shop import Shop
from tests.bench.invariants import Invariants
from tests.conftest import HERO
from tests.pace import slowness
from tests.parts import panel_of

PATIENCE = 0.2  # of the usual time-outs: a silent device costs 0.3 s
MOST_STEPS = 60
STEPS = (
    "read_phone",
    "open_phone",
    "original_to_socket",
    "read_original",
    "new_to_socket",
    "read_new",
    "write_new",
    "new_off_socket",
    "lift_chip",
    "clear_new_chip",
    "solder_chip",
    "fit",
    "prove_touch",
    "prove_auto_brightness",
    "prove_ambient_white",
    "prove_no_display_notice",
)
LOOKS = 3  # requests of the window's look at the bench, before each step
BY_HAND = frozenset(
    {"open_phone", "original_to_socket", "new_to_socket", "new_off_socket", "lift_chip", "clear_new_chip", "solder_chip", "fit"}
)
IN_COMMIT = frozenset(
    {"voltage_dip", "torn_page", "stuck_bit", "write_ignored", "limit_reached", "foreign_maker", "noisy_contact", "old_firmware"}
    | {"lying_answer", "spoilt_and_denied"}
)
ON_SOCKETS = frozenset({"wrong_part", "poor_contact", "failing_adapter", "nameless_part", "twin_part"})
PROOFS = {proof_key(function): function for function in Function}


@dataclass
class FaultBench:
    """Hold one shop in a folder and the devices on threads of this process."""

    folder: Path
    catalogue: Catalogue
    context: Context = field(default_factory=Context)
    patience: float = PATIENCE

    def __post_init__(self) -> None:
        world = load_world(self.folder / WORLD)
        world.pace = 0.0
        wires_folder = self.folder / "wires"
        wires_folder.mkdir(exist_ok=True)
        self.bench = Bench(world, self.catalogue, file=self.folder / WORLD, mortal=False)
        wires = self.bench.serve(wires_folder)
        self.hands: Hands = connect_hands(wires["hands"])
        self.shop = Shop(self.folder)
        self.rig = Rig(
            {kind: url for kind, url in wires.items() if kind != "hands"}, patience=self.patience * slowness(), settle=0.0
        )
        self.workshop = Workshop(self.rig, self.shop, self.catalogue, self.hands)
        self.invariants = Invariants(self.shop, self.hands)

    def look(self, job: Job) -> None:
        """Look at the bench as the window does all the time: whatever fails there is a state, not an error."""
        if job.ticket.model and job.phone:
            self.workshop.survey(job, self.context)

    def close(self) -> None:
        self.rig.close()
        self.hands.close()
        self.shop.close()
        self.bench.stop()


def next_step(job: Job) -> str:
    """Return the action of the step at hand, `read_phone` before there is a run sheet, and nothing at the end."""
    if not job.phone or not job.steps:
        return "read_phone" if not job.phone else "plan"
    return job.steps[job.current_step].action if job.current_step is not None else ""


def go_on(workshop: Workshop, job: Job, context: Context) -> Job:
    """Do what is next; where a step failed, plan again from there. Raises Trouble."""
    step = next_step(job)
    if step == "read_phone":
        job, said = workshop.read_phone(job, context)
        if not said.state.trusted:
            workshop.confirm_trust(job)
            job, _ = workshop.read_phone(job, context)
        return job
    index = job.current_step
    if step == "plan" or (index is not None and job.steps[index].state is StepState.FAILED):
        routes = workshop.plan(job).routes
        if not routes:
            raise Finished
        return workshop.choose(job, routes[0], context)
    if step in PROOFS:
        return _prove(workshop, job, PROOFS[step], context)
    return workshop.do_step(job, index or 0, context)


def _prove(workshop: Workshop, job: Job, function: Function, context: Context) -> Job:
    if function is Function.AMBIENT_WHITE:
        for light in ("warm", "cool"):
            job = workshop.measure(job, light, context)
    job = workshop.prove_step(job, function, context)
    if not job.is_proven(function):
        raise Finished
    return job


class Finished(Exception):
    """Say that there is no way left, which is an end as well."""


def recover(workshop: Workshop, hands: Hands, number: int, context: Context) -> Job:
    """Do what a technician does after a trouble: read the job again, seat what belongs on the socket, settle, update."""
    hands.calm()
    plug_in(workshop)
    job = workshop.shop.jobs.get(number)
    _trust(workshop, job, context)
    _seat(hands, job)
    for act in workshop.shop.journal.left_in_doubt():
        workshop.settle(act, context)
    job = workshop.shop.jobs.get(number)
    if job.ticket.model and workshop.rig.programmer().hello().firmware < workshop.model(job).programmer_firmware:
        workshop.update_firmware(job, context)
    return job


def plug_in(workshop: Workshop) -> None:
    """Wait until every device answers again: an unplugged one is away for a moment."""
    end = time.monotonic() + 5
    while True:
        try:
            workshop.rig.programmer().hello()
            workshop.rig.phone().hello()
            workshop.rig.meter().hello()
            return
        except LinkError:
            if time.monotonic() > end:
                raise
            time.sleep(0.02)


def _trust(workshop: Workshop, job: Job, context: Context) -> None:
    try:
        if job.phone and not workshop.rig.phone().state().trusted:
            workshop.read_phone(job, context)
            workshop.confirm_trust(job)
    except Refused:
        # the phone is off, as it should be on the bench
        return


def _seat(hands: Hands, job: Job) -> None:
    done = {step.action for step in job.steps if step.state is StepState.DONE}
    if "new_off_socket" in done or "original_to_socket" not in done:
        return
    if "new_to_socket" in done:
        hands.do("new_on_socket", job.ticket.imei, {"display": panel_of(job).die})
    else:
        hands.do("original_on_socket", job.ticket.imei)


def to_the_end(
    bench: FaultBench,
    job: Job,
    faults: dict[str, list[str]],
    rng: random.Random,
    *,
    until: Callable[[Job], bool] = lambda _: False,
) -> Job:
    """Walk a job to its end, playing each step's faults before it is done; check what must hold after every step."""
    for _ in range(MOST_STEPS):
        step = next_step(job)
        if not step or until(job):
            break
        for name in faults.pop(step, ()):
            skip = rng.randrange(LOOKS) if step in BY_HAND or name in ON_SOCKETS else LOOKS + rng.randrange(2)
            bench.hands.fault(name, skip=0 if name in IN_COMMIT else skip, at=rng.randrange(1, 200), seconds=0.4)
        bench.look(job)
        try:
            job = go_on(bench.workshop, job, bench.context)
        except Trouble as trouble:
            assert trouble.what
            assert trouble.safe or trouble.advice, trouble.what
            job = recover(bench.workshop, bench.hands, job.number, bench.context)
        except Finished:
            break
        bench.hands.calm()
        bench.invariants.check()
    else:
        raise AssertionError(f"the job does not come to an end: it hangs at {next_step(job)}")
    return job


def hero_of(shop: Shop) -> Job:
    return shop.jobs.get(HERO)

"""A shop with one phone and one job on it, whose steps are done one by one over the wires."""

import random
from collections.abc import Callable, Iterator, Mapping, Sequence
from contextlib import contextmanager, suppress
from dataclasses import dataclass
from datetime import UTC, datetime
from pathlib import Path
from typing import Any, TypeVar

from daruma.bench.context import Context
from daruma.bench.workshop import Workshop
from daruma.core.errors import Trouble
from daruma.core.job import Job, Proof, StepState
from daruma.core.parts import Function
from daruma.demo.build import at_work
from daruma.demo.laying import Laying
from daruma.demo.maker import Maker
from daruma.demo.technician import Clock, Technician
from daruma.standin.world import Phone
from tests.bench.faultbench import plug_in
from tests.pace import slowness
from tests.parts import some
from tests.shops import empty_shop

WIRES = ("unplug", "lost_answer", "flipped_bit", "doubled_answer", "late_answer", "unplug_request", "reset", "die")


@dataclass
class JobBench:
    """A phone, its job, and who works on it."""

    laying: Laying
    technician: Technician
    phone: Phone
    job: Job
    second: Path

    @property
    def workshop(self) -> Workshop:
        return self.technician.workshop

    def step(self) -> str:
        index = self.job.current_step
        return self.job.steps[index].action if index is not None else ""

    def sheet(self) -> list[str]:
        return [step.action for step in self.job.steps]

    def prove(self, function: Function) -> Proof:
        self.job = self.workshop.prove_step(self.job, function, Context())
        return some(self.job.proof(function))

    def do(self, context: Context | None = None) -> None:
        index = some(self.job.current_step)
        try:
            self.job = self.workshop.do_step(self.job, index, context or Context())
        finally:
            self.job = self.workshop.shop.jobs.get(self.job.number)

    def until(self, action: str) -> None:
        while self.step() != action:
            self.do()

    def go_on(self, ends: str, strike: Callable[[], None] = lambda: None, most: int = 60) -> bool:
        """Work until a step is at hand, whatever strikes before each one; return whether a way is left."""
        for _ in range(most):
            if self.step() in ("", ends):
                break
            strike()
            with suppress(Trouble):
                self.do()
            if not self.mended():
                return False
        return True

    def proven(self, ends: str, prove: Callable[[], object]) -> bool:
        """Work until the proof, and take it; whatever struck is mended and the proof taken again."""
        if not self.go_on(ends):
            return False
        for _ in range(4):
            if not self.job.all_proven:
                with suppress(Trouble):
                    prove()
                self.mended()
        return self.job.all_proven

    def at_random(self, rng: random.Random, faults: Sequence[str], share: float = 0.4) -> Callable[[], None]:
        """Return what lets one of some faults wait now and then."""

        def strike() -> None:
            if rng.random() < share:
                with suppress(Trouble):
                    self.technician.hands.fault(rng.choice(faults), skip=rng.randrange(6))

        return strike

    def mended(self) -> bool:
        """Plug everything in, settle what is in doubt, plan again where a step failed; return whether a way is left."""
        self.technician.hands.calm()
        plug_in(self.workshop)
        for act in self.workshop.shop.journal.left_in_doubt():
            with suppress(Trouble):
                self.job, _ = self.workshop.settle(act, Context())
        index = self.job.current_step
        if index is not None and self.job.steps[index].state is StepState.FAILED:
            routes = self.workshop.plan(self.job).routes
            if not routes:
                return False
            self.job = self.workshop.choose(self.job, routes[0], Context())
        return True


B = TypeVar("B", bound=JobBench)


@contextmanager
def job_bench(
    kind: type[B], tmp_path: Path, entry: Mapping[str, Any], *, second: bool = True, model: str = "cedar_l", system: str = "4.4"
) -> Iterator[B]:
    """Give a bench with a job whose best way is chosen, where there is one."""
    said: dict[str, Any] = {"complaint": "", "opened": 0, "until": "intake", **entry}
    place = tmp_path / "second"
    place.mkdir(parents=True)
    laying = Laying(Maker(random.Random(7)))
    laying.world.firmware = "2.0"
    shop = empty_shop(tmp_path / "shop", place if second else None)
    with shop, at_work(laying, shop, Clock(datetime(2026, 11, 28, tzinfo=UTC)), patience=0.25 * slowness()) as technician:
        made = technician.workshop.catalogue.models[model]
        phone = laying.phone(made, system, "a phone", said)
        job = technician.job(said, made, phone, laying.new_parts(made, said))
        plan = technician.workshop.plan(job)
        job = technician.workshop.choose(job, plan.routes[0], Context()) if plan.routes else job
        yield kind(laying, technician, phone, job, place)

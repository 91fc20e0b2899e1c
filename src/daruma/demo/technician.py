"""The demo's technician: works through the scenario with the use cases of the bench, over the wires of the stand-ins."""

from collections.abc import Mapping
from datetime import datetime, timedelta

from msgspec import Struct
from msgspec.structs import replace

from daruma.bench.context import Context
from daruma.bench.keeping import keep_part
from daruma.bench.reading import read_part
from daruma.bench.workshop import Workshop
from daruma.core.job import Job, Stage, Ticket
from daruma.core.model import Model
from daruma.core.parts import Function, PartKind
from daruma.core.plan.proofs import proven_by
from daruma.core.tri import Tri
from daruma.demo.hands import Hands
from daruma.demo.kinds import rooms
from daruma.demo.kinds.room import Entry
from daruma.standin.world import Phone, Thing

TALK, PROOF, GOODBYE = 12.0, 2.0, 9.0  # minutes: taking a phone in, one proof, handing over


class Clock(Struct):
    """Tell the demo's time of day: it goes on by what the work takes, not by how fast the demo is made."""

    now: datetime

    def at(self, minutes: float) -> "Clock":
        """Return a clock that shows so many minutes from this one's time."""
        return Clock(self.now + timedelta(minutes=minutes))

    def pass_by(self, minutes: float) -> None:
        """Let time pass."""
        self.now += timedelta(minutes=minutes)

    def __call__(self) -> str:
        return self.now.isoformat(timespec="seconds")


class Technician(Struct):
    """Work in a shop as the scenario says, until a step of each job."""

    workshop: Workshop
    hands: Hands
    clock: Clock

    def keep(self, model: Model, phone: Phone, days: float) -> None:
        """Read and keep what can be read of a phone that was here so many days ago; it goes back into the phone."""
        context, workshop = Context(now=self.clock.at(-1440 * days)), self.workshop
        earlier = Job(0, "", Ticket(imei=phone.imei))
        for room in (room for room in rooms() if room.out):
            self._hands(room.out, phone)
            reading = read_part(workshop.rig, workshop.catalogue, model, context, twice=True, kind=room.kind)
            keep_part(workshop.shop.vault, reading, earlier, workshop.rig.programmer().hello(), context.now())
            self._hands(room.back, phone)

    def _hands(self, acts: tuple[str, ...], phone: Phone) -> None:
        for act in acts:
            self.hands.do(act, phone.imei)

    def job(self, entry: Entry, model: Model, phone: Phone, parts: Mapping[PartKind, Thing]) -> Job:
        """Take a phone in and work on it until the step that its entry names; return the job as it then is."""
        clock = self.clock.at(entry["opened"])
        context, until = Context(now=clock), entry["until"]
        job = self.workshop.shop.jobs.open_new(clock())
        job = self.workshop.save_ticket(replace(job, ticket=_ticket(entry, model, parts)), context)
        self.hands.plug_phone(phone.imei)
        if until == "ticket":
            return job
        job = self._trusted(job, context)
        if "recorded" in entry:
            job = self._recorded(job, entry["recorded"], context)
        if until == "intake":
            return job
        clock.pass_by(TALK)
        job = self._planned(job, until, context)
        job = self._worked(job, until, context, clock)
        return self._handed_over(job, context, clock) if until == "closed" else job

    def _trusted(self, job: Job, context: Context) -> Job:
        job, _ = self.workshop.read_phone(job, context)
        self.workshop.confirm_trust(job)
        return self.workshop.read_phone(job, context)[0]

    def _recorded(self, job: Job, seconds: float, context: Context) -> Job:
        """Record the charging cable for so long, the phone plugged in anew."""
        metering = self.workshop.metering
        metering.begin(job, Stage.INTAKE.value, context.now())
        self.hands.replug(job.ticket.imei)
        while metering.look().seconds < seconds:
            pass
        return metering.end(self.workshop.catalogue.models, context.now()) or job

    def _planned(self, job: Job, until: str, context: Context) -> Job:
        routes = self.workshop.plan(job).routes
        route = next((r for r in routes if until in {action.key for action in r.actions}), routes[0])
        return self.workshop.choose(job, route, context)

    def _worked(self, job: Job, until: str, context: Context, clock: Clock) -> Job:
        while (index := job.current_step) is not None:
            action = self.workshop.actions(job)[job.steps[index].action]
            if proven_by(action.key) is not None:
                break
            clock.pass_by(action.figures.attended + action.figures.waiting)
            job = self.workshop.do_step(job, index, context)
            if action.key == until:
                break
        return job

    def _handed_over(self, job: Job, context: Context, clock: Clock) -> Job:
        for light in ("warm", "cool"):
            clock.pass_by(PROOF)
            job = self.workshop.measure(job, light, context)
        for function in job.ticket.promised:
            clock.pass_by(PROOF)
            job = self.workshop.prove_step(job, function, context)
        clock.pass_by(GOODBYE)
        return self.workshop.close(job, context)


def _ticket(entry: Entry, model: Model, parts: Mapping[PartKind, Thing]) -> Ticket:
    """Return the ticket as the technician writes it down from what the customer says."""
    ticket = Ticket(
        model=model.key,
        complaint=entry["complaint"],
        promised=tuple(Function(name) for name in entry["promised"]),
        before={Function(name): Tri(seen) for name, seen in entry.get("before", {}).items()},
    )
    told = (room.ticket(entry, parts.get(room.kind)) for room in rooms())
    return ticket.having(*(part for part in told if part is not None))

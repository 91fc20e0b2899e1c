"""The use cases of the bench: look at it, do steps, note what failed, settle what is in doubt."""

from contextlib import suppress

from msgspec import Struct

from daruma.bench import firmware, phone_acts, settling
from daruma.bench.acting import WriteFailed
from daruma.bench.context import Context
from daruma.bench.holding import Lapsed, lapsed
from daruma.bench.kinds import act_by_hand, carry_out, room, rooms
from daruma.bench.planned import Planned
from daruma.bench.rig import BenchState, look
from daruma.bench.standing import what_is_safe
from daruma.bench.writing import WritePlan, budget_of
from daruma.core.acts import RULES, Act, ActKind, ActState
from daruma.core.budget import WriteBudget
from daruma.core.errors import Cause, Trouble
from daruma.core.interlocks import Interlock
from daruma.core.job import Job, StepState
from daruma.core.kinds import KINDS, trait
from daruma.core.known import Known
from daruma.core.language import tr, word
from daruma.core.parts import PartKind
from daruma.core.plan.actions import Action, How
from daruma.store.trouble import StoreTrouble


class Survey(Struct, frozen=True):
    """Hold how the bench stands for a job: devices, interlocks, records, what would be written, what is safe now.

    `kind` is the kind of the part at hand, `socket` where it is worked on: what would be written is for it.
    """

    bench: BenchState
    kind: PartKind
    socket: str
    known: Known
    locks: tuple[Interlock, ...]
    plan: WritePlan | None
    budget: WriteBudget | None
    doubts: tuple[Act, ...]
    acts: tuple[Act, ...]
    backups: int
    safe: str
    lapsed: Lapsed | None = None


def part_at_hand(job: Job) -> PartKind:
    """Return the kind of part that the step at hand is about, or the nearest step before or behind it that is about one."""
    parts = [trait(step.action).part for step in job.steps]
    index = job.current_step if job.current_step is not None else len(parts)
    near = (*reversed(parts[: index + 1]), *parts[index + 1 :])
    return next((kind for kind in (*near, *job.ticket.parts) if kind in KINDS), next(iter(KINDS)))


def _step_of(job: Job, act: Act) -> int | None:
    """Return the step that an act was for: of its kind, on its part where that is known, and not done."""
    open_ = [(i, trait(step.action)) for i, step in enumerate(job.steps) if step.state is not StepState.DONE]
    alike = [(i, its.part) for i, its in open_ if its.act is act.kind]
    on_part = [(i, part) for i, part in alike if part is not None and job.seen(part) == act.die]
    return next((i for i, _ in on_part or alike), None)


class Working(Planned):
    """Work at the bench."""

    def survey(self, job: Job, _: Context) -> Survey:
        """Look at the bench as it stands for a job."""
        known, model, kind = self.known(job), self.model(job), part_at_hand(job)
        if self.acting is not None and job.ticket.imei:
            self.by_hand(lambda hands: hands.plug_phone(job.ticket.imei))
        with self.rig.only_looking(), self.rig.glancing():
            bench = look(self.rig)
        part = known.of(kind)
        plan = room(kind).planned(job, part)
        locks = self._locks(job, bench)
        doubts = settling.doubts_of(self.shop, job)
        plugged = any(part is not None for part in bench.sockets.values())
        its = room(kind)
        budget = budget_of(self.shop, its.limits(model), part.part.die) if part.part else None
        return Survey(
            bench,
            kind,
            its.socket(model),
            known,
            locks,
            plan,
            budget,
            self.shop.journal.left_in_doubt(),
            self.shop.journal.acts_of(job.uid),
            self.shop.vault.count(),
            what_is_safe(job, doubts, guarded=self.guarded(job) is not None, plugged=plugged),
            lapsed(job, self.of_ticket(job), model, bench),
        )

    def put_back(self, job: Job, index: int, context: Context) -> Job:
        """Let the hands do a ticked step again whose state is no more; a technician has done it with their own."""
        act_by_hand(self, job, self.actions(job)[job.steps[index].action])
        found = lapsed(job, self.of_ticket(job), self.model(job), look(self.rig))
        if found is not None and found.index == index:
            raise Trouble(
                tr("Not yet: {seen}.", seen=found.seen),
                safe=tr("Nothing was changed."),
                advice=tr("{title}, then try again.", title=found.title),
            )
        return self.save(job.with_step(index, StepState.DONE, job.steps[index].note, job.steps[index].when), context)

    def guarded(self, job: Job) -> ActKind | None:
        """Return what kind of guarded act the step at hand is, None for a step that can be taken back."""
        index = job.current_step
        key = job.steps[index].action if index is not None else ""
        return trait(key).act

    def _locks(self, job: Job, bench: BenchState) -> tuple[Interlock, ...]:
        """Evaluate the interlocks of the step at hand, those of a write to the part at hand where it is none on the phone."""
        kind = self.guarded(job)
        if kind is not None and RULES[kind].on_phone:
            return phone_acts.phone_locks(self.rig, self.shop, self.model(job), job, kind)
        return room(part_at_hand(job)).locks(self, job, bench)

    def decide(self, job: Job, context: Context) -> Job:
        """Keep what a technician decides about the write at hand: it lights an interlock that waits for that."""
        self.shop.jobs.refuse_stale(job)
        kind = part_at_hand(job)
        plan = room(kind).planned(job, self.known(job).of(kind))
        return self.save(room(kind).decide(job, plan, context), context)

    def do_step(self, job: Job, index: int, context: Context) -> Job:
        """Carry out one step of the run sheet; a failure is kept with the step, or noted, and raised."""
        settling.refuse_past_doubt(self.shop, job)
        action = self.of_ticket(job).get(job.steps[index].action)
        if action is None:
            raise Trouble(
                tr("This step does not follow from the ticket any more: it was changed after the way was chosen."),
                safe=tr("Nothing was done."),
                advice=tr("Plan again from here, or change the ticket back."),
            )
        self.shop.jobs.refuse_stale(job)
        if (told := self._once_done(job, action)) is not None:
            return self._followed(job, told, told.state, context)
        try:
            after, note = carry_out(self, job, action, context)
        except Trouble as trouble:
            self._failed(job, index, action, trouble, context)
            raise
        return self.save(after.with_step(index, StepState.DONE, note, context.now()).with_outcome(action.key, True), context)

    def _failed(self, job: Job, index: int, action: Action, trouble: Trouble, context: Context) -> None:
        """Keep what a failed try has left: the step, and its outcome with the cause."""
        if isinstance(trouble, StoreTrouble):
            return
        if action.trait.writes and isinstance(trouble, WriteFailed):
            failed = job.with_step(index, StepState.FAILED, trouble.what, context.now())
            # what a spoilt write has left decides whether anything has to be written at all
            job = self._as_found(failed, action.trait.part) if action.trait.looked_at else failed
        elif action.trait.how is How.HAND or trouble.cause is Cause.OTHER:
            return
        told = trouble.cause is not Cause.OTHER
        self.save(job.with_outcome(action.key, False, trouble.cause) if told else job, context)

    def _as_found(self, job: Job, kind: PartKind | None) -> Job:
        """Return the job with what its part on the programmer carries now, as far as that can be read."""
        with suppress(Trouble):
            if kind is not None:
                return room(kind).as_found(self, job)
        return job

    def fail_step(self, job: Job, index: int, context: Context) -> Job:
        """Note that a step failed for good; the plan is then solved again from there."""
        action = self.actions(job)[job.steps[index].action]
        note = tr("failed: {on_failure}", on_failure=action.figures.on_failure)
        told = room(action.trait.part).tells.get(action.key) if action.trait.part in KINDS else None
        failed = (told(job, False) if told else job).with_step(index, StepState.FAILED, note, context.now())
        return self.save(failed.with_outcome(action.key, False), context)

    def update_firmware(self, job: Job, context: Context) -> str:
        """Update the programmer to what the job's model needs."""
        return str(firmware.update_firmware(self.rig, self.shop, self.model(job), job, context))

    def tend(self, context: Context) -> tuple[Job, str] | None:
        """Look after work that goes on by itself; return its job and what is to be told, None where nothing goes on."""
        found = (each.tends(self, context) for each in rooms() if each.tends is not None)
        return next((each for each in found if each is not None), None)

    def settle(self, act: Act, context: Context) -> tuple[Job, ActState]:
        """Settle an act in doubt by looking at what it was on; the step of its job follows."""
        job = self.shop.jobs.known_by(act.job)
        looks = {kind: look_back for each in rooms() for kind, look_back in each.looks.items()}
        state = settling.settle_doubt(self.rig, self.shop, self.model(job), act, job, context, looks)
        return self._followed(job, act, state, context), state

    def _once_done(self, job: Job, action: Action) -> Act | None:
        """Return the act that a part takes once in its life and that this step's part took for this job; None without one.

        Whoever was killed between the act and the step would else be told that the part is spent.
        """
        its = action.trait
        if its.act is None or its.part is None or not RULES[its.act].once:
            return None
        ended = (ActState.DONE, ActState.FAILED)
        acts = (act for act in self.shop.journal.acts_of(job.uid) if act.kind is its.act and act.state in ended)
        seen, work = job.seen(its.part), job.parts.get(its.part)
        if not seen and work is not None and work.source:
            # a module that goes back is nobody's new part: it is known by its backup
            seen = self.shop.vault.get(work.source).content.die
        return max((act for act in acts if act.die == seen), key=lambda act: act.number, default=None)

    def _followed(self, job: Job, act: Act, state: ActState, context: Context) -> Job:
        """Keep with a job what became of its act: the step that it was for, and what its part carries now."""
        index = _step_of(job, act)
        for kind in (kind for kind, work in job.parts.items() if work.die == act.die):
            job = self._as_found(job, kind)
        if index is not None:
            # what was never taken is not tried yet
            ends = {ActState.DONE: StepState.DONE, ActState.NOT_SENT: StepState.OPEN}
            if state is not ActState.NOT_SENT:
                job = job.with_outcome(job.steps[index].action, state is ActState.DONE)
            job = job.with_step(
                index, ends.get(state, StepState.FAILED), tr("settled: {state}", state=word(state)), context.now()
            )
        return self.save(job, context)

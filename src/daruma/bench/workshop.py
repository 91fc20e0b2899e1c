"""The workshop: every use case of a job as one call, over one rig, one shop and one catalogue.

Each call takes a job as it stands and returns it as it is after; what was reached is kept before the call returns.
"""

from collections.abc import Callable, Sequence
from contextlib import suppress
from dataclasses import dataclass, replace
from typing import Protocol

from daruma.bench import firmware, keeping, measuring, phone_acts, proving, reading, settling, tuning, writing
from daruma.bench.acting import WriteFailed
from daruma.bench.context import Context
from daruma.bench.holding import Lapsed, lapsed
from daruma.bench.planning import bare_case, case_of, with_route
from daruma.bench.rig import BenchState, Rig, look
from daruma.bench.standing import what_is_safe
from daruma.bench.steps import carry_out
from daruma.catalogue.loader import Catalogue
from daruma.core.acts import Act, ActKind, ActState
from daruma.core.budget import WriteBudget
from daruma.core.colour.shots import REPEATS, WHITE_REPEATS, Level, Taken
from daruma.core.errors import Cause, Trouble
from daruma.core.interlocks import Interlock
from daruma.core.job import Job, Proof, Reading, StepState
from daruma.core.kinds import promisable, trait
from daruma.core.kinds.display.facts import with_facts
from daruma.core.kinds.display.steps import TUNED, WRITES
from daruma.core.kinds.sensor_flex import FlexState
from daruma.core.known import Known
from daruma.core.measured import Measured
from daruma.core.model import Model
from daruma.core.parts import Function, PartKind
from daruma.core.plan.actions import Action, ActionFigures, How
from daruma.core.plan.case import Case
from daruma.core.plan.explain import Source, explain
from daruma.core.plan.knowing import Worth, worth_knowing
from daruma.core.plan.money import Preferences
from daruma.core.plan.planner import Plan, make_plan
from daruma.core.plan.proofs import proven_by
from daruma.core.plan.routes import Route
from daruma.core.plan.setting import all_actions
from daruma.core.plan.solution import Solution, solve
from daruma.core.plan.whatif import those_that_apply
from daruma.core.records import decode
from daruma.core.tri import Tri
from daruma.link.errors import LinkError
from daruma.store.database import StoreTrouble
from daruma.store.preferences import load_ways, save_ways
from daruma.store.shop import Shop


class HandsLike(Protocol):
    """What can stand in for hands, where there are none."""

    def do(self, act: str, imei: str, new: str = "") -> None:
        """Carry out a hand act."""

    def plug_phone(self, imei: str, model: str = "") -> None:
        """Put a phone on the cable: of a ticket without an IMEI, one of its model that nobody has read yet."""


@dataclass(frozen=True, slots=True)
class Survey:
    """Hold how the bench stands for a job: devices, interlocks, records, what would be written, what is safe now."""

    bench: BenchState
    known: Known
    locks: tuple[Interlock, ...]
    plan: writing.WritePlan | None
    budget: WriteBudget | None
    doubts: tuple[Act, ...]
    acts: tuple[Act, ...]
    backups: int
    safe: str
    lapsed: Lapsed | None = None


class Workshop:
    """Carry out use cases; used by one lane at a time for anything that touches the rig."""

    def __init__(self, rig: Rig, shop: Shop, catalogue: Catalogue, hands: HandsLike | None = None) -> None:
        self.rig = rig
        self.shop = shop
        self.catalogue = catalogue
        self.hands = hands
        self._solution: Solution | None = None
        self._made: dict[str, tuple[Case, dict[str, Action]]] = {}

    def model(self, job: Job) -> Model:
        """Return the job's model; raise Trouble where the catalogue has none."""
        try:
            return self.catalogue.models[job.ticket.model]
        except KeyError as error:
            raise Trouble(
                f"The catalogue has no model {job.ticket.model or '(none chosen)'}.",
                safe="The ticket is kept.",
                advice="Choose a model in the ticket, or add its file to the shop's catalogue folder.",
            ) from error

    def save(self, job: Job, context: Context) -> Job:
        """Keep a job as it stands; return it as it is kept, with what other windows changed meanwhile."""
        return self.shop.jobs.save(job, context.now())

    def save_ticket(self, job: Job, context: Context) -> Job:
        """Keep what was typed into a job's ticket."""
        return self.shop.jobs.save_ticket(job, context.now())

    # -- intake

    def read_phone(self, job: Job, context: Context) -> tuple[Job, reading.PhoneReading]:
        """Read the phone on the cable into the ticket; what the user typed and the phone contradicts is left to see."""
        if job.ticket.imei or job.ticket.model:
            self.by_hand(lambda hands: hands.plug_phone(job.ticket.imei, job.ticket.model))
        said = reading.read_phone(self.rig, context)
        ticket = replace(job.ticket, model=said.state.model, imei=said.state.imei, system=str(said.state.system))
        before = {**said.functions, **{f: v for f, v in job.ticket.before.items() if v is not Tri.UNKNOWN}}
        if said.functions:
            ticket = replace(ticket, before=before)
        return self.save(replace(job, ticket=ticket, phone=said.as_texts()), context), said

    def confirm_trust(self, job: Job) -> None:
        """Let the stand-in owner confirm trust on the phone."""
        imei = self.rig.phone().state().imei
        self.by_hand(lambda hands: hands.do("confirm_trust", imei, job.ticket.panel_die))

    # -- plan

    def case(self, job: Job) -> Case:
        """Return the planner's case of a job, from where its steps have brought it."""
        return case_of(job, self.model(job), self.catalogue, self.shop, load_ways(self.shop.folder), self.known(job))

    def plan(self, job: Job) -> Plan:
        """Return the ways still open and the closed ones."""
        return make_plan(self.case(job), self.catalogue.figures)

    def solve(self, job: Job, changes: Sequence[tuple[str, str]] = ()) -> Solution:
        """Solve a job's plan as things are and, with changes, as they would be; what was asked of another job is left out."""
        case = self.case(job)
        self._solution = solve(case, self.catalogue.figures, those_that_apply(case, changes), self._solution)
        return self._solution

    def worth_knowing(self, case: Case) -> tuple[Worth, ...]:
        """Return what would be worth knowing before anything is done."""
        return worth_knowing(case, self.catalogue.figures)

    def explain(self, case: Case, route: Route) -> tuple[Source, ...]:
        """Return where every number of a route comes from."""
        return explain(case, route, {f.value: label for f, label in self.catalogue.function_labels.items()})

    def prefer(self, preferences: Preferences) -> None:
        """Keep what the shop prefers."""
        save_ways(self.shop.folder, replace(load_ways(self.shop.folder), preferences=preferences))

    def choose(self, job: Job, route: Route, context: Context) -> Job:
        """Make the run sheet of a route."""
        settling.refuse_past_doubt(self.shop, job)
        return self.save(with_route(job, route, self.case(job)), context)

    def actions(self, job: Job) -> dict[str, Action]:
        """Return every action of the job by key, from the ticket alone: asks neither store nor device.

        A step of the run sheet that does not follow from today's ticket any more is there as a hand act without effect.
        """
        return {**{step.action: _stale(step.action, self.catalogue) for step in job.steps}, **self._of_ticket(job)}

    def _of_ticket(self, job: Job) -> dict[str, Action]:
        # a panel by another maker than the record's, an owner not asked yet: the steps for both are among them
        case = bare_case(job, self.model(job), self.catalogue)
        case = replace(case, promised=promisable(), trusted=False)
        if not job.ticket.display_stays:
            case = with_facts(case, source_maker=ANYBODY)
        made = self._made.get(case.model.key)
        if made is None or made[0] != case:
            # asked at each look at the bench; tickets of a model ask mostly for the same
            actions = (*all_actions(case, self.catalogue.figures), tuning.tuned_action(self.catalogue))
            made = self._made[case.model.key] = (case, {action.key: action for action in reversed(actions)})
        return made[1]

    # -- bench

    def known(self, job: Job) -> Known:
        """Return the records that a job has seen, from vault and job."""
        model = self.model(job)
        source = chip = target = None
        own = False
        if job.backup:
            backup = self.shop.vault.get(job.backup)
            own = job.target is not None and bool(backup.content.die) and backup.content.die == job.target.die
            source, chip = keeping.record_of(backup, model), backup.content.chip or None
        if job.target_image:
            target = decode(model.layout(PartKind.DISPLAY), bytes.fromhex(job.target_image), loose=True)
        return Known(source, chip, target, job.target, own)

    def survey(self, job: Job, _: Context) -> Survey:
        """Look at the bench as it stands for a job."""
        known, model = self.known(job), self.model(job)
        if self.hands is not None and job.ticket.imei:
            self.by_hand(lambda hands: hands.plug_phone(job.ticket.imei))
        bench = look(self.rig)
        plan = None
        if known.source is not None:
            plan = self.write_plan(job, known)
        locks = self._locks(job, bench, plan)
        doubts = settling.doubts_of(self.shop, job)
        plugged = any(part is not None for part in bench.sockets.values())
        budget = writing.budget_of(self.shop, model, known.target_part.die) if known.target_part else None
        return Survey(
            bench,
            known,
            locks,
            plan,
            budget,
            self.shop.journal.left_in_doubt(),
            self.shop.journal.acts_of(job.uid),
            self.shop.vault.count(),
            what_is_safe(job, doubts, guarded=self.guarded(job) is not None, plugged=plugged),
            lapsed(job, self._of_ticket(job), model, bench),
        )

    def put_back(self, job: Job, index: int, context: Context) -> Job:
        """Let the hands do a ticked step again whose state is no more; a technician has done it with their own."""
        action = self.actions(job)[job.steps[index].action]
        for act in action.hands:
            self.by_hand(lambda hands, act=act: hands.do(act, job.ticket.imei, job.ticket.panel_die))  # type: ignore[misc]
        found = lapsed(job, self._of_ticket(job), self.model(job), look(self.rig))
        if found is not None and found.index == index:
            raise Trouble(f"Not yet: {found.seen}.", safe="Nothing was changed.", advice=f"{found.title}, then try again.")
        return self.save(job.with_step(index, StepState.DONE, job.steps[index].note, job.steps[index].when), context)

    def guarded(self, job: Job) -> ActKind | None:
        """Return what kind of guarded act the step at hand is, None for a step that can be taken back."""
        index = job.current_step
        key = job.steps[index].action if index is not None else ""
        return trait(key).act

    def _locks(self, job: Job, bench: BenchState, plan: writing.WritePlan | None) -> tuple[Interlock, ...]:
        """Evaluate the interlocks of the step at hand, those of a write where it is none of the guarded ones."""
        model, kind = self.model(job), self.guarded(job)
        if kind in (ActKind.UNBIND, ActKind.FINISH):
            return phone_acts.phone_locks(self.rig, self.shop, model, job, kind)
        if kind is ActKind.WRITE and job.current_step is not None and job.steps[job.current_step].action == "write_flex":
            return writing.flex_locks_from(bench, self.shop, model, job)
        return writing.locks_from(bench, self.shop, model, job, plan)

    def write_plan(self, job: Job, known: Known) -> writing.WritePlan | None:
        """Return what the job's next write would write; None where something is not read yet."""
        if known.target is None or known.target_part is None:
            return None
        target = reading.PartReading(known.target_part, known.target)
        key = next((step.action for step in job.steps if step.action in WRITES and step.state is not StepState.DONE), "write_new")
        source = writing.source_for(key, known.source, target)
        return writing.plan_write(target, source, key) if source is not None else None

    def decide(self, job: Job, context: Context) -> Job:
        """Keep the decision to try another maker's record on the new panel: it lights the interlock on makers."""
        self.shop.jobs.refuse_stale(job)
        return self.save(writing.decide(job, self.write_plan(job, self.known(job)), context), context)

    def do_step(self, job: Job, index: int, context: Context) -> Job:
        """Carry out one step of the run sheet; a failure is kept with the step, or noted, and raised."""
        settling.refuse_past_doubt(self.shop, job)
        action = self._of_ticket(job).get(job.steps[index].action)
        if action is None:
            raise Trouble(
                "This step does not follow from the ticket any more: it was changed after the way was chosen.",
                safe="Nothing was done.",
                advice="Plan again from here, or change the ticket back.",
            )
        self.shop.jobs.refuse_stale(job)
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
            # what a spoilt tuned write has left decides whether anything has to be written at all
            job = self._as_found(failed) if action.key == TUNED else failed
        elif action.trait.how is How.HAND or trouble.cause is Cause.OTHER:
            return
        told = trouble.cause is not Cause.OTHER
        self.save(job.with_outcome(action.key, False, trouble.cause) if told else job, context)

    def _as_found(self, job: Job) -> Job:
        """Return the job with what its panel on the socket carries now, as far as that can be read."""
        model = self.model(job)
        with suppress(Trouble):
            part, image = reading.read_image(self.rig, model, PartKind.DISPLAY, model.socket, lambda _: None)
            if job.target is not None and part.die == job.target.die:
                return replace(job, target_image=image.hex())
        return job

    def fail_step(self, job: Job, index: int, context: Context) -> Job:
        """Note that a step failed for good; the plan is then solved again from there."""
        action = self.actions(job)[job.steps[index].action]
        note = f"failed: {action.figures.on_failure}"
        ticket = replace(job.ticket, donor=Tri.NO) if action.key == "check_donor" else job.ticket
        if action.key == "test_flex":
            ticket = replace(ticket, flex=FlexState.REPLACED)
        failed = replace(job, ticket=ticket).with_step(index, StepState.FAILED, note, context.now())
        return self.save(failed.with_outcome(action.key, False), context)

    def update_firmware(self, job: Job, context: Context) -> str:
        """Update the programmer to what the job's model needs."""
        return str(firmware.update_firmware(self.rig, self.shop, self.model(job), job, context))

    def settle(self, act: Act, context: Context) -> tuple[Job, ActState]:
        """Settle an act in doubt by looking at what it was on; the step of its job follows."""
        job = self.shop.jobs.known_by(act.job)
        state = settling.settle_doubt(self.rig, self.shop, self.model(job), act, job, context)
        mine = (i for i, step in enumerate(job.steps) if trait(step.action).act is act.kind and step.state is not StepState.DONE)
        index = next(mine, None)
        if job.target is not None and job.target.die == act.die:
            job = self._as_found(job)
        if index is not None:
            # what was never taken is not tried yet
            ends = {ActState.DONE: StepState.DONE, ActState.NOT_SENT: StepState.OPEN}
            if state is not ActState.NOT_SENT:
                job = job.with_outcome(job.steps[index].action, state is ActState.DONE)
            job = job.with_step(index, ends.get(state, StepState.FAILED), f"settled: {state.value}", context.now())
        return self.save(job, context), state

    # -- proof

    def measure(self, job: Job, light: str, context: Context, repeats: int = WHITE_REPEATS) -> Job:
        """Measure the white under one light, so many readings, in place of what was measured under it before."""
        self.right_phone(job)
        fresh, measured = measuring.measure_white(self.rig, light, measuring.measured_here(job), context, repeats)
        return self.with_readings(replace(job, measured=measured), fresh, context)

    def measure_panel(self, job: Job, context: Context) -> Job:
        """Take the fields of the panel sheet; those that were sound before are kept, bad and missing ones are taken."""

        def keep(part: Measured) -> None:
            self.save(replace(job, measured=part), context)

        self.right_phone(job)
        measured = measuring.measure_panel(self.rig, job.measured, measuring.fitted(job), context, keep)
        return self.save(replace(job, measured=measured), context)

    def take_in(
        self,
        job: Job,
        readings: tuple[Reading, ...],
        fields: tuple[Taken, ...],
        levels: tuple[Level, ...],
        name: str,
        context: Context,
    ) -> Job:
        """Take measurements of another instrument in, and judge the function that they are for, where it is promised."""
        if readings:
            return self._judged_if_promised(self.with_readings(job, readings, context), Function.AMBIENT_WHITE, context)
        measured = measuring.imported(job, fields, levels, name, context.now())
        job = self.save(replace(job, measured=measured), context)
        return self._judged_if_promised(job, Function.AUTO_BRIGHTNESS, context) if levels else job

    def _judged_if_promised(self, job: Job, function: Function, context: Context) -> Job:
        return self.judged(job, function, context) if function in job.ticket.promised else job

    def sheets(self, job: Job) -> tuning.DisplaySheets:
        """Return what the job's measurements say of panel, tuning and sensor."""
        return tuning.display_sheets(
            job, self.model(job), self.catalogue, self.shop, self.case(job), self.known(job), self.actions(job)
        )

    def tune(self, job: Job, context: Context) -> Job:
        """Keep the record made for the measured panel and put the way to write it on the run sheet."""
        settling.refuse_past_doubt(self.shop, job)
        return self.save(tuning.keep_tuned(job, self.model(job), self.shop, self.known(job), context.now()), context)

    def with_readings(self, job: Job, fresh: tuple[Reading, ...], context: Context) -> Job:
        """Take readings into the job; lights that come again replace the earlier ones.

        Raises Trouble for readings that cannot be judged: nothing of them is kept.
        """
        from daruma.core.white_proof import fault_of

        if fault := next(filter(None, map(fault_of, fresh)), ""):
            raise Trouble(fault, safe="Nothing was kept; what was measured before stays.", advice="Measure this light again.")
        lights = {item.light for item in fresh}
        kept = tuple(item for item in job.readings if item.light not in lights)
        return self.save(replace(job, readings=(*kept, *fresh)), context)

    def prove(self, job: Job, function: Function, context: Context) -> Proof:
        """Prove one function as things stand."""
        model = self.model(job)
        match function:
            case Function.AMBIENT_WHITE:
                return proving.prove_white(model, job.readings, context.now())[0]
            case Function.NO_DISPLAY_NOTICE:
                self.right_phone(job)
                return proving.prove_notice(self.rig, context)
            case Function.TOUCH:
                self.right_phone(job)
                return proving.prove_touch(self.rig, context)
            case Function.AUTO_BRIGHTNESS:
                return proving.prove_brightness(model, job.measured, self.known(job).target, context.now())
            case Function.FACE_UNLOCK:
                self.right_phone(job)
                return proving.prove_face(self.rig, context)
            case _:
                raise Trouble(f"There is no proof yet for {function.value}.", safe="Nothing was changed.")

    def prove_step(self, job: Job, function: Function, context: Context, repeats: int = REPEATS) -> Job:
        """Prove a function and tick its step of the run sheet when it is proven; brightness is measured for it, so many
        readings a level.
        """
        if function is Function.AUTO_BRIGHTNESS:
            self.right_phone(job)
            measured = measuring.measure_brightness(
                self.rig, measuring.measured_here(job), measuring.fitted(job), context, repeats
            )
            job = self.save(replace(job, measured=measured), context)
        return self.judged(job, function, context)

    def judged(self, job: Job, function: Function, context: Context) -> Job:
        """Judge what is measured and tick the step of the run sheet when the function is proven."""
        proof = self.prove(job, function, context)
        job = job.with_proof(proof)
        index = next((i for i, s in enumerate(job.steps) if proven_by(s.action) is function), None)
        if index is not None:
            state = StepState.DONE if proof.proven else StepState.FAILED
            job = job.with_step(index, state, proof.summary, context.now())
        return self.save(job, context)

    def close(self, job: Job, context: Context) -> Job:
        """Hand the job over; raise Trouble while bench work is open or a promise was not tested as things are now."""
        settling.refuse_past_doubt(self.shop, job)
        step = next(iter(job.bench_open), None)
        if step is not None and step.state is StepState.OPEN:
            title = self.actions(job)[step.action].figures.title
            raise Trouble(f"A step is open at the bench: {title}.", safe="The job stays open.", advice="Do it, or plan again.")
        untested = [self.catalogue.function_labels[f] for f in job.ticket.promised if job.proof(f) is None]
        if untested:
            raise Trouble(
                f"Not tested on the phone as it is now: {', '.join(untested)}.",
                safe="The job stays open; earlier proofs stay with it as overtaken.",
                advice="Test it at Proof, then hand over.",
            )
        return self.save(replace(job, closed=context.now()), context)

    def right_phone(self, job: Job) -> None:
        """Make sure that the job's phone is on the cable; raise LinkError for another one."""
        self.by_hand(lambda hands: hands.plug_phone(job.ticket.imei))
        state = self.rig.phone().state()
        if state.imei != job.ticket.imei:
            raise LinkError(
                f"Another phone is on the cable: IMEI ends in {state.imei[-4:]}, the ticket's in {job.ticket.imei[-4:]}.",
                safe="Nothing was done.",
                advice="Put this job's phone on the cable.",
            )

    def by_hand(self, act: Callable[[HandsLike], None]) -> None:
        """Let the stand-in hands act, where there are any; a technician's own hands need no telling."""
        if self.hands is not None:
            act(self.hands)


def _stale(key: str, catalogue: Catalogue) -> Action:
    figures = catalogue.figures.get(key) or ActionFigures(key.replace("_", " ").capitalize(), 0.0)
    return Action(key, figures, (), {})


ANYBODY = "another maker"

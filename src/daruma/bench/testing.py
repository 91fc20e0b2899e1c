"""The use cases of proof: measure, judge, tune, hand over."""

from msgspec.structs import replace

from daruma.bench import settling
from daruma.bench.context import Context
from daruma.bench.kinds import proof_of
from daruma.bench.kinds.display import measuring, tuning
from daruma.bench.shelving import settle_shelf
from daruma.bench.working import Working
from daruma.core.closing import CHECK, Ticked
from daruma.core.colour.shots import REPEATS, WHITE_REPEATS, Level, Taken
from daruma.core.errors import Trouble
from daruma.core.job import Job, Proof, Reading, StepState
from daruma.core.kinds.display.work import DisplayWork
from daruma.core.language import tr
from daruma.core.measured import Measured
from daruma.core.parts import Function, PartKind
from daruma.core.plan.proofs import proven_by
from daruma.core.tri import Tri


class Testing(Working):
    """Prove what was promised."""

    def measure(self, job: Job, light: str, context: Context, repeats: int = WHITE_REPEATS) -> Job:
        """Measure the white under one light, so many readings, in place of what was measured under it before."""
        self.right_phone(job)
        fresh, measured = measuring.measure_white(self.rig, light, measuring.measured_here(job), context, repeats)
        return self.with_readings(measuring.with_measured(job, measured), fresh, context)

    def measure_panel(self, job: Job, context: Context) -> Job:
        """Take the fields of the panel sheet; those that were sound before are kept, bad and missing ones are taken."""

        def keep(part: Measured) -> None:
            self.save(measuring.with_measured(job, part), context)

        self.right_phone(job)
        measured = measuring.measure_panel(self.rig, job.of(DisplayWork).measured, measuring.fitted(job), context, keep)
        return self.save(measuring.with_measured(job, measured), context)

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
        job = self.save(measuring.with_measured(job, measured), context)
        return self._judged_if_promised(job, Function.AUTO_BRIGHTNESS, context) if levels else job

    def _judged_if_promised(self, job: Job, function: Function, context: Context) -> Job:
        return self.judged(job, function, context) if function in job.ticket.promised else job

    def sheets(self, job: Job) -> tuning.DisplaySheets:
        """Return what the job's measurements say of panel, tuning and sensor."""
        known = self.known(job).of(PartKind.DISPLAY)
        return tuning.display_sheets(job, self.model(job), self.catalogue, self.shop, self.case(job), known, self.actions(job))

    def tune(self, job: Job, context: Context) -> Job:
        """Keep the record made for the measured panel and put the way to write it on the run sheet."""
        settling.refuse_past_doubt(self.shop, job)
        known = self.known(job).of(PartKind.DISPLAY)
        return self.save(tuning.keep_tuned(job, self.model(job), self.shop, known, context.now()), context)

    def with_readings(self, job: Job, fresh: tuple[Reading, ...], context: Context) -> Job:
        """Take readings into the job; lights that come again replace the earlier ones.

        Raises Trouble for readings that cannot be judged: nothing of them is kept.
        """
        from daruma.core.white_proof import fault_of

        if fault := next(filter(None, map(fault_of, fresh)), ""):
            raise Trouble(
                fault, safe=tr("Nothing was kept; what was measured before stays."), advice=tr("Measure this light again.")
            )
        lights = {item.light for item in fresh}
        kept = tuple(item for item in job.readings if item.light not in lights)
        return self.save(replace(job, readings=(*kept, *fresh)), context)

    def prove(self, job: Job, function: Function, context: Context) -> Proof:
        """Prove one function as things stand."""
        return proof_of(function).judge(self, job, context)

    def prove_step(self, job: Job, function: Function, context: Context, repeats: int = REPEATS) -> Job:
        """Prove a function and tick its step of the run sheet when it is proven; what is measured for it is measured now, so
        many readings a level.
        """
        measure = proof_of(function).measure
        if measure is not None:
            job = self.save(measure(self, job, context, repeats), context)
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

    def tick(self, job: Job, key: str, context: Context) -> Job:
        """Keep that a step of closing up was done; the last one asks the phone, and raises Trouble for what it lacks now."""
        if key == CHECK:
            self._check_closed(job)
        return self.save(replace(job, closing=(*job.closing, Ticked(key, context.now()))), context)

    def _check_closed(self, job: Job) -> None:
        """Raise Trouble where the closed phone no longer shows a function that was proven before."""
        self.right_phone(job)
        shown = self.rig.phone().functions()
        gone = [function for function in job.ticket.promised if job.is_proven(function) and shown.get(function) is Tri.NO]
        if gone:
            names = ", ".join(self.catalogue.function_labels[function] for function in gone)
            raise Trouble(
                tr("Closed up, the phone no longer shows: {names}.", names=names),
                safe=tr("The proofs from before are kept."),
                advice=tr("Open it again: look for a connector that is not home, or a flex that is pinched."),
            )

    def close(self, job: Job, context: Context) -> Job:
        """Hand the job over; raise Trouble while bench work is open or a promise was not tested as things are now."""
        settling.refuse_past_doubt(self.shop, job)
        step = next(iter(job.bench_open), None)
        if step is not None and step.state is StepState.OPEN:
            title = self.actions(job)[step.action].figures.title
            raise Trouble(
                tr("A step is open at the bench: {title}.", title=title),
                safe=tr("The job stays open."),
                advice=tr("Do it, or plan again."),
            )
        untested = [self.catalogue.function_labels[f] for f in job.ticket.promised if job.proof(f) is None]
        if untested:
            raise Trouble(
                tr("Not tested on the phone as it is now: {untested}.", untested=", ".join(untested)),
                safe=tr("The job stays open; earlier proofs stay with it as overtaken."),
                advice=tr("Test it at Proof, then hand over."),
            )
        closed = self.save(replace(job, closed=context.now()), context)
        settle_shelf(self.shop, closed)
        return closed

"""New parts that are written on a place of the programmer's own, from a backup of the part that they replace."""

from collections.abc import Callable
from enum import Enum

from msgspec import Struct
from msgspec.structs import replace

from daruma.bench import keeping
from daruma.bench.acting import act, refuse_dark
from daruma.bench.context import Context
from daruma.bench.decoded import Decoded
from daruma.bench.doing import Doing
from daruma.bench.reading import read_image, read_part
from daruma.bench.rig import BenchState, look
from daruma.bench.writing import Place, WritePlan, evidence_of, has_double, is_doubtful, source_of
from daruma.core.backup import Backup
from daruma.core.errors import Trouble
from daruma.core.interlocks import Interlock, PartEvidence, part_interlocks
from daruma.core.job import Job, is_done
from daruma.core.known import KnownPart
from daruma.core.language import tr
from daruma.core.model import Model
from daruma.core.part_work import PartWork
from daruma.core.parts import PART_NOUN, PartKind, PartSelf
from daruma.core.plan.actions import Action
from daruma.core.records import Record, compose


class Holder(Struct, frozen=True):
    """Say where new parts of a kind are written, which step of the run sheet fits one, what they are called in a word."""

    work: type[PartWork]
    socket: str
    fitted_by: str
    name: str = ""

    @property
    def kind(self) -> PartKind:
        """Return the kind of the parts."""
        return self.work.KIND

    @property
    def noun(self) -> str:
        """Return what a part is called in one word."""
        return self.name or PART_NOUN[self.kind]

    def locks(self, doing: Doing, job: Job, bench: BenchState) -> tuple[Interlock, ...]:
        """Evaluate the interlocks of writing the part on the holder, as they look."""
        return self._locks(doing, job, bench, doing.decoded)

    def _locks(self, doing: Doing, job: Job, bench: BenchState, decoded: Decoded | None = None) -> tuple[Interlock, ...]:
        model, shop = doing.model(job), doing.shop
        part = bench.sockets.get(self.socket)
        _, backup = source_of(shop, model, job.of(self.work).source, self.kind, decoded)
        evidence = PartEvidence(
            kind=self.kind,
            model=model,
            part=part,
            source_die=backup.content.die if backup is not None else "",
            backup=evidence_of(backup),
            imei=job.ticket.imei,
            alike=has_double(bench, part, self.socket),
            firmware=bench.firmware,
            act_in_doubt=is_doubtful(shop, part),
            noun=self.noun,
        )
        return part_interlocks(evidence)

    def read(self, doing: Doing, job: Job, _: Action, context: Context) -> tuple[Job, str]:
        """Read the new part on the holder: one that does not answer is faulty or counterfeit."""
        found = read_part(doing.rig, doing.catalogue, doing.model(job), context, kind=self.kind, socket=self.socket)
        return self._carries(job, found.part, found.record.image), tr("{part} answers", part=found.part.name())

    def write(self, doing: Doing, job: Job, _: Action, context: Context) -> tuple[Job, str]:
        """Write the source's data to the part on the holder and read them back; raise WriteFailed where they differ.

        No limit of writes is known of such parts; the journal keeps the act all the same.
        """
        kept = job.of(self.work).source
        if not kept or is_done(job, self.fitted_by):
            raise Trouble(
                tr("Nothing to write to the {noun} yet.", noun=self.noun),
                safe=tr("Nothing was sent."),
                advice=tr("Get the original {noun}'s data.", noun=self.noun),
            )
        model, rig = doing.model(job), doing.rig
        source = keeping.record_of(doing.shop.vault.get(kept), model)
        refuse_dark(self._locks(doing, job, look(rig)))
        found = read_part(rig, doing.catalogue, model, context, kind=self.kind, socket=self.socket)
        place = Place(rig, model, self.kind, self.socket, found.part, _image(found.record, source), found.record.image)
        lit = self._locks(doing, job, look(rig))
        advice = tr("Seat the {noun} again, then write once more.", noun=self.noun)
        # which part it is on is known before anything is sent: an act in doubt is settled by that
        job = doing.save(self._carries(job, found.part, place.before), context)
        intent = place.intent(job, kept, lit, advice, tr("The original's data are safe."))
        if place.image != place.before:
            act(doing.shop.journal, intent, context, lambda sent: place.send(context, sent), lambda: place.look_back(context))
        return self._carries(job, found.part, place.image), tr("read-back is equal")

    def as_found(self, doing: Doing, job: Job) -> Job:
        """Return the job with what its part on the holder carries now; raise Trouble where that cannot be read."""
        part, image = read_image(doing.rig, doing.model(job), self.kind, self.socket, lambda _: None)
        target = job.of(self.work).target
        return self._carries(job, target, image) if target is not None and part.die == target.die else job

    def _carries(self, job: Job, part: PartSelf, image: bytes) -> Job:
        return job.having(replace(job.of(self.work), target=part, image=image.hex()))

    def planned(self, _: Job, known: KnownPart) -> WritePlan | None:
        """Return what would be written to the new part, once it was read and there is a source."""
        if known.source is None or known.target is None or known.part is None:
            return None
        names = tuple(_written(known.source))
        return WritePlan(known.part, known.target, known.source, _image(known.target, known.source), names)

    def kept(self, job: Job, backup: Backup) -> Job:
        """Return the job with a backup as its source."""
        return job.having(replace(job.of(self.work), source=backup.ref))

    def looked_at(self, on_holder: Enum) -> Callable[[Job, Model, BenchState, set[Enum]], str]:
        """Return how is seen that the holder is empty, where the new part should be on it."""

        def seen(_: Job, __: Model, bench: BenchState, good: set[Enum]) -> str:
            empty = bench.programmer is not None and bench.sockets.get(self.socket) is None
            return tr("the holder for a {noun} is empty", noun=self.noun) if empty and good == {on_holder} else ""

        return seen


def _image(target: Record, source: Record) -> bytes:
    return compose(target, source, _written(source))


def _written(source: Record) -> list[str]:
    return [spec.name for spec in source.layout.fields if source.values[spec.name] is not None]

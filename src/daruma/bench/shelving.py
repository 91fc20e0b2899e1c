"""The parts shelf: what jobs take from it and what of theirs comes onto it; parts from a file."""

from msgspec.structs import replace

from daruma.core.job import Job
from daruma.core.kinds import rooms
from daruma.core.language import tr
from daruma.core.parts import PartKind
from daruma.core.shelf import ShelfPart, Vocabulary
from daruma.store.shop import Shop

USED_GRADE = ("genuine_used", "used", "cell_used")  # the first that a kind of part knows


def vocabulary_of(names: dict[str, str]) -> Vocabulary:
    """Return what a shelf may name, for the models of a catalogue by key."""
    grades = {room.kind: room.grades for room in rooms()}
    return Vocabulary(names, grades)


def settle_shelf(shop: Shop, job: Job) -> None:
    """Let the parts that a job's ticket names be its own, and those that it names no longer be free again."""
    named = {part.die for part in job.ticket.parts.values() if part.die} | {work.die for work in job.parts.values() if work.die}
    for part in shop.shelf.all():
        if part.die in named and part.free:
            shop.shelf.save(replace(part, used_in=job.ref))
        elif part.used_in == job.ref and part.die not in named:
            shop.shelf.save(replace(part, used_in=""))


def taken_out(shop: Shop, job: Job) -> tuple[ShelfPart, ...]:
    """Return the parts that a job has read and replaced by others, as they may come onto the shelf with their history."""
    there = {part.die for part in shop.shelf.all()}
    found: dict[str, ShelfPart] = {}
    for source in dict.fromkeys(job.sources):
        content = shop.vault.get(source).content
        kind = next((room.kind for room in rooms() if room.kind.value == content.part_kind), None)
        work = job.parts.get(kind) if kind is not None else None
        replaced = work is not None and work.die and work.die != content.die
        if kind is not None and replaced and content.die and content.die not in there:
            found[content.die] = _used(kind, content.die, content.model, content.maker, job)
    return tuple(found.values())


def _used(kind: PartKind, die: str, model: str, maker: str, job: Job) -> ShelfPart:
    grades = next(room.grades for room in rooms() if room.kind is kind)
    grade = next((grade for grade in USED_GRADE if grade in grades), next(iter(grades)))
    # nothing of the customer's words: the part stays when the job's identifiers are purged
    return ShelfPart(die, model, maker, grade, tr("taken out in {job}", job=job.name), 0.0, part=kind)

"""The hand-over sheet: what was promised, fitted, written and proven; as data, then as HTML."""

from collections.abc import Mapping, Sequence
from enum import Enum
from functools import cache

from jinja2 import Environment, PackageLoader, StrictUndefined, Template
from msgspec import Struct

from daruma.core.acts import Act, ActKind
from daruma.core.backup import Backup, Origin
from daruma.core.closing import closing_steps
from daruma.core.job import Job, Proof
from daruma.core.language import day, inner, moment, spoken, tr, word
from daruma.core.model import Model
from daruma.core.parts import IDENTITY_LABEL, PART_LABEL, Function, Identity
from daruma.core.plain import plain
from daruma.core.plan.actions import Action
from daruma.core.power.recording import Recording
from daruma.core.serials import grouped
from daruma.core.settings import DEVICES
from daruma.core.shelf import ShelfPart
from daruma.handover.cable import row_of, started
from daruma.handover.kinds import rooms
from daruma.handover.kinds.room import Fitted, HandoverRoom
from daruma.handover.letterhead import Letterhead


class Audience(Enum):
    """Say whom a sheet is for."""

    CUSTOMER = "customer"
    SHOP = "shop"


class PromiseLine(Struct, frozen=True):
    """Hold one promised function on the sheet."""

    label: str
    meaning: str
    proven: bool
    proof: Proof | None
    instruments: str = ""


class Sheet(Struct, frozen=True):
    """Hold everything that a sheet says."""

    shop: Letterhead
    job: Job
    phone: str
    system: str
    imei: str
    done: str
    fitted: tuple[Fitted, ...]
    sources: tuple[str, ...]
    promises: tuple[PromiseLine, ...]
    not_back: tuple[str, ...]
    parts_page: str
    written: tuple[tuple[str, str], ...]
    acts: tuple[Act, ...]
    steps: tuple[tuple[str, str, str, str], ...]
    backups: tuple[Backup, ...]
    second_eye: bool
    tuned: str
    cable: tuple[Recording, ...] = ()
    heats: tuple[tuple[str, str, str], ...] = ()
    closed_up: tuple[tuple[str, str], ...] = ()
    warranties: tuple[str, ...] = ()

    @property
    def verdict(self) -> str:
        """Return in a sentence whether the promises are kept."""
        proven, of = sum(line.proven for line in self.promises), len(self.promises)
        said = tr("Everything that was promised works and was tested.")
        if proven < of:
            said = tr("{proven} of {of} promises could be proven; what does not come back is said below.", proven=proven, of=of)
        return tr("In practice only: {said}", said=said) if self.practice else said if of else tr("Nothing was promised.")

    @property
    def proven(self) -> str:
        """Return what stands at a promise that was proven: in practice nothing is said of a real phone."""
        return tr("in practice only") if self.practice else tr("proven")

    @property
    def practice(self) -> str:
        """Return what is said where simulated devices took part; empty where none did."""
        names = ", ".join(inner(DEVICES.get(kind, kind)) for kind in self.job.standins)
        return tr("Practice, with simulated devices ({names}): this says nothing of a real phone.", names=names) if names else ""


class Fit(Struct, frozen=True):
    """Hold how much a page of one sheet of paper shows: the size of its type in pixels (96 an inch), and what is left out."""

    size: int = 16
    meanings: bool = True
    plot: bool = True


# from the most to the least; the last is the smallest type that is still read at arm's length (ours)
FITS = (
    *(Fit(size) for size in (16, 15, 14)),
    *(Fit(size, plot=False) for size in (14, 13)),
    *(Fit(size, meanings=False, plot=False) for size in (13, 12)),
)


def make_sheet(
    shop: Letterhead,
    job: Job,
    model: Model,
    labels: Mapping[Function, str],
    meanings: Mapping[Function, str],
    actions: Mapping[str, Action],
    backups: Sequence[Backup],
    acts: Sequence[Act],
    shelf: Sequence[ShelfPart] = (),
) -> Sheet:
    """Gather a job's sheet; `backups` are those that its parts were written from, `shelf` tells of the parts' own warranty."""
    parts = [(each, done) for each in rooms() if (done := each.fitted(job)) is not None]
    made = {work.made for work in job.parts.values()}
    promises = tuple(
        PromiseLine(labels[f], meanings[f], job.is_proven(f), job.proof(f), _instruments(job, f)) for f in job.ticket.promised
    )
    open_ones = [
        (line.label, line.proof.summary if line.proof else tr("it was not tested")) for line in promises if not line.proven
    ]
    notice = job.proof(Function.NO_DISPLAY_NOTICE)
    return Sheet(
        shop=shop,
        job=job,
        phone=model.name,
        system=job.ticket.system,
        imei=grouped(job.ticket.imei),
        done=_done([each for each, _ in parts]),
        fitted=tuple(done for _, done in parts),
        sources=(*(tuple(map(_source, backups)) or (tr("no data was written"),)), *_foreign(model)),
        promises=promises,
        not_back=tuple(f"{label}: {why}" for label, why in open_ones),
        parts_page=_parts_page(job) or (notice.summary if notice else tr("The parts page was not read.")),
        written=_written(backups, acts),
        acts=tuple(act for act in acts if act.kind is ActKind.WRITE),
        steps=tuple((actions[s.action].figures.title, word(s.state), s.note, s.when) for s in job.steps if s.action in actions),
        backups=tuple(backups),
        second_eye=job.all_proven,
        tuned=", ".join(backup.content.note for backup in backups if backup.ref in made),
        cable=job.recordings,
        closed_up=_closed_up(job, model),
        warranties=_warranties(shop, job, shelf),
        heats=tuple((_title(actions, heat.step), heat.words, heat.source) for heat in job.heats),
    )


def render(sheet: Sheet, audience: Audience, plots: Sequence[tuple[str, str]], fit: Fit = FITS[0]) -> str:
    """Return a sheet as one self-contained HTML page; `plots` are titles with trusted markup."""
    return template(audience).render(cable_row=row_of, started=started, sheet=sheet, plots=plots, fit=fit)


def template(audience: Audience) -> Template:
    """Return the template of a page, compiled once."""
    return environment().get_template("customer.html" if audience is Audience.CUSTOMER else "sheet.html")


@cache
def environment() -> Environment:
    """Return what all pages are made by: everything is escaped, and nothing in a text steers."""
    made = Environment(
        loader=PackageLoader("daruma.handover"), autoescape=True, undefined=StrictUndefined, trim_blocks=True, lstrip_blocks=True,
        finalize=_shown,
    )  # fmt: skip
    made.globals |= {"tr": tr, "word": word, "day": day, "moment": moment, "inner": inner, "spoken": spoken}
    return made


def _warranties(shop: Letterhead, job: Job, shelf: Sequence[ShelfPart]) -> tuple[str, ...]:
    dies = {part.die for part in job.ticket.parts.values() if part.die}
    said = []
    if until := shop.until(job.closed or job.opened):
        said.append(
            tr("On the work: {warranty} months", warranty=shop.warranty)
            + (tr(", until {until}.", until=day(until)) if job.closed else tr(" from hand-over."))
        )
    said += [
        tr("On the {part}: until {warranty}.", part=inner(PART_LABEL[part.part]), warranty=day(part.warranty))
        for part in shelf
        if part.die in dies and part.warranty
    ]
    return tuple(said)


def _instruments(job: Job, function: Function) -> str:
    """Return every instrument and file that a proof rests on."""
    proof = job.proof(function)
    names = [reading.instrument for reading in proof.readings] if proof is not None else []
    names += [each.instrument(job, function) for each in rooms()]
    return ", ".join(dict.fromkeys(name for name in names if name))


def _shown(value: object) -> object:
    """Return what a page shows of a value: in texts nothing steers. Marked-up plots pass as they are."""
    return plain(value, lines=True) if type(value) is str else value


def _source(backup: Backup) -> str:
    """Return where written data came from; what was imported is only said to be so by its file."""
    of_part = (each.original for each in rooms() if each.kind.value == backup.content.part_kind)
    origin = {
        Origin.PART: next(of_part, tr("the original part")),
        Origin.PHONE: tr("the phone itself, over the cable"),
        Origin.TYPED: tr("typed by hand from paper"),
        Origin.MADE: tr("put together: {note}", note=backup.content.note),
    }[backup.content.origin]
    if backup.arrived and backup.content.origin is Origin.MADE:
        origin = tr("{origin}; it rests on what was imported from a file ({arrived})", arrived=backup.arrived, origin=origin)
    elif backup.arrived:
        origin = tr(
            "a backup imported from a file ({arrived}), which says of itself: {origin}", arrived=backup.arrived, origin=origin
        )
    return f"{origin} ({backup.name}, {moment(backup.content.taken)})"


def _foreign(model: Model) -> tuple[str, ...]:
    """Return that what is known of the phone's model was imported, where it was."""
    if not model.arrived:
        return ()
    return (tr("what is known of the {model}: imported from a file ({arrived})", model=model.name, arrived=model.arrived),)


def _written(backups: Sequence[Backup], acts: Sequence[Act]) -> tuple[tuple[str, str], ...]:
    if not any(act.kind is ActKind.WRITE for act in acts):
        return ()
    names = {identity.value: IDENTITY_LABEL[identity] for identity in Identity}
    fields = (field for backup in backups for field in backup.content.fields)
    return tuple((names[name], grouped(value)) for name, value in fields if name in names)


def _parts_page(job: Job) -> str:
    """Return what the parts page says since the phone has finished its parts, and what it said before; empty where none was."""
    if not job.pages:
        return ""
    first, last = job.pages[0], job.pages[-1]
    said = []
    for line in last.lines:
        was = first.line(line.part)
        before = tr(" (before: {status})", status=word(was.status)) if was is not None and was.status is not line.status else ""
        said.append(f"{inner(PART_LABEL[line.part])} {word(line.status)}{(tr(', with a notice') if line.notice else '')}{before}")
    return tr("It says: {said}.", said="; ".join(said))


def _closed_up(job: Job, model: Model) -> tuple[tuple[str, str], ...]:
    """Return the steps of closing up with when each was done; nothing where the phone was not opened."""
    done = {each.key: each.when for each in job.closing}
    return tuple((step.title, done.get(step.key, "")) for step in closing_steps(model.closing)) if done else ()


def _title(actions: Mapping[str, Action], step: str) -> str:
    return actions[step].figures.title if step in actions else step.replace("_", " ")


def _done(rooms: Sequence[HandoverRoom]) -> str:
    """Return what was done, in a heading: parts of one deed in one clause."""
    deeds: dict[str, list[str]] = {}
    for each in rooms:
        deeds.setdefault(each.deed, []).append(each.part)
    return ", ".join(f"{tr(' and ').join(parts)} {deed}" for deed, parts in deeds.items())

"""The hand-over sheet: what was promised, fitted, written and proven; as data, then as HTML."""

from collections.abc import Mapping, Sequence
from dataclasses import dataclass
from enum import Enum
from functools import cache

from jinja2 import Environment, PackageLoader, StrictUndefined, Template

from daruma.core.acts import Act, ActKind
from daruma.core.backup import Backup, Origin
from daruma.core.closing import closing_steps
from daruma.core.job import Job, Proof
from daruma.core.model import Model
from daruma.core.parts import IDENTITY_LABEL, PART_LABEL, Function, Identity
from daruma.core.plain import plain
from daruma.core.plan.actions import Action
from daruma.core.power.recording import Recording
from daruma.core.serials import grouped
from daruma.handover.cable import row_of, started
from daruma.handover.kinds import rooms
from daruma.handover.kinds.room import Fitted, HandoverRoom


class Audience(Enum):
    """Say whom a sheet is for."""

    CUSTOMER = "customer"
    SHOP = "shop"


@dataclass(frozen=True, slots=True)
class PromiseLine:
    """Hold one promised function on the sheet."""

    label: str
    meaning: str
    proven: bool
    proof: Proof | None
    instruments: str = ""


@dataclass(frozen=True, slots=True)
class Sheet:
    """Hold everything that a sheet says."""

    shop: str
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


def make_sheet(
    shop: str,
    job: Job,
    model: Model,
    labels: Mapping[Function, str],
    meanings: Mapping[Function, str],
    actions: Mapping[str, Action],
    backups: Sequence[Backup],
    acts: Sequence[Act],
) -> Sheet:
    """Gather a job's sheet; `backups` are those that its parts were written from."""
    parts = [(each, done) for each in rooms() if (done := each.fitted(job)) is not None]
    made = {work.made for work in job.parts.values()}
    promises = tuple(
        PromiseLine(labels[f], meanings[f], job.is_proven(f), job.proof(f), _instruments(job, f)) for f in job.ticket.promised
    )
    open_ones = [(line.label, line.proof.summary if line.proof else "it was not tested") for line in promises if not line.proven]
    notice = job.proof(Function.NO_DISPLAY_NOTICE)
    return Sheet(
        shop=shop,
        job=job,
        phone=model.name,
        system=job.ticket.system,
        imei=grouped(job.ticket.imei),
        done=_done([each for each, _ in parts]),
        fitted=tuple(done for _, done in parts),
        sources=tuple(map(_source, backups)) or ("no data was written",),
        promises=promises,
        not_back=tuple(f"{label}: {why}" for label, why in open_ones),
        parts_page=_parts_page(job) or (notice.summary if notice else "The parts page was not read."),
        written=_written(backups, acts),
        acts=tuple(act for act in acts if act.kind is ActKind.WRITE),
        steps=tuple((actions[s.action].figures.title, s.state.value, s.note, s.when) for s in job.steps if s.action in actions),
        backups=tuple(backups),
        second_eye=job.all_proven,
        tuned=", ".join(backup.content.note for backup in backups if backup.ref in made),
        cable=job.recordings,
        closed_up=_closed_up(job, model),
        heats=tuple((_title(actions, heat.step), heat.words, heat.source) for heat in job.heats),
    )


def render(sheet: Sheet, audience: Audience, plots: Sequence[tuple[str, str]]) -> str:
    """Return a sheet as one self-contained HTML page; `plots` are titles with trusted markup."""
    return template().render(cable_row=row_of, started=started, sheet=sheet, shop_file=audience is Audience.SHOP, plots=plots)


@cache
def template() -> Template:
    """Return the template of the pages, compiled once."""
    environment = Environment(
        loader=PackageLoader("daruma.handover"), autoescape=True, undefined=StrictUndefined, trim_blocks=True, lstrip_blocks=True,
        finalize=_shown,
    )  # fmt: skip
    return environment.get_template("sheet.html")


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
        Origin.PART: next(of_part, "the original part"),
        Origin.PHONE: "the phone itself, over the cable",
        Origin.TYPED: "typed by hand from paper",
        Origin.MADE: f"put together: {backup.content.note}",
    }[backup.content.origin]
    if backup.arrived:
        origin = f"a backup imported from a file ({backup.arrived}), which says of itself: {origin}"
    return f"{origin} ({backup.name}, {backup.content.taken[:16].replace('T', ' ')})"


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
        before = f" (before: {was.status.value})" if was is not None and was.status is not line.status else ""
        said.append(f"{PART_LABEL[line.part].lower()} {line.status.value}{', with a notice' if line.notice else ''}{before}")
    return f"It says: {'; '.join(said)}."


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
    return ", ".join(f"{' and '.join(parts)} {deed}" for deed, parts in deeds.items())

"""Keep what was read: into the vault, and back from it to be sure."""

from collections.abc import Iterable, Iterator
from contextlib import suppress
from dataclasses import replace

from daruma.bench.reading import PartReading
from daruma.core.backup import Backup, BackupContent, Origin
from daruma.core.errors import RecordError, Trouble
from daruma.core.job import Job
from daruma.core.model import Model
from daruma.core.near import near_misses
from daruma.core.parts import Identity, PartKind
from daruma.core.records import FieldRole, FieldValue, Layout, Record, decode, encode, shown
from daruma.core.serials import clean, serial_fault
from daruma.link.devices import DeviceSelf
from daruma.store.vault import Vault


def keep_part(vault: Vault, reading: PartReading, job: Job, programmer: DeviceSelf, when: str) -> Backup:
    """Keep a part's record and read it back from the vault; raise Trouble where the two differ."""
    content = BackupContent(
        model=reading.record.layout.model,
        layout=reading.record.layout.name,
        part_kind=reading.part.kind.value,
        die=reading.part.die,
        chip=reading.part.chip or "",
        maker=reading.part.maker,
        imei=job.ticket.imei,
        job=job.ref,
        taken=when,
        programmer=f"{programmer.name} {programmer.serial}",
        firmware=str(programmer.firmware),
        origin=Origin.PART,
        fields=_fields(reading.record),
        image=reading.record.image,
    )
    return _kept(vault, content)


def keep_codes(vault: Vault, model: Model, job: Job, when: str) -> Backup:
    """Keep the codes that the phone gave over the cable as a backup without calibration."""
    try:
        serial, cover = job.phone[Identity.DISPLAY_SERIAL.value], job.phone[Identity.COVER_CODE.value]
    except KeyError as error:
        raise Trouble(
            "The phone gave no display codes.",
            safe="Nothing was changed.",
            advice="Read the phone once more with trust confirmed, or take another source of the codes.",
        ) from error
    layout = model.layout(PartKind.DISPLAY)
    # codes have no maker: the panel that takes them keeps its own
    image = encode(layout, {"signature": layout.field("signature").constant, "display_serial": serial, "cover_code": cover})
    return _kept(vault, _from_phone(model, layout, job, image, when))


def keep_paper(vault: Vault, model: Model, job: Job, when: str) -> Backup:
    """Keep the display serial that was typed from paper, with the code of the chip on the new panel as cover code.

    Refuse one that is malformed, and one that is nearly what is known of this very phone.
    """
    fault = serial_fault(job.ticket.paper_serial)
    chip = job.target.chip if job.target is not None else None
    near = near_misses(job.ticket.paper_serial, _known_of_phone(vault, job)) or (
        near_misses(job.ticket.paper_serial, _known_of_others(vault, job)) if fault else ()
    )
    said = [*([fault] if fault else []), *(f"it is {miss.sentence}" for miss in near[:1])]
    if said:
        raise Trouble(
            f"The serial on the ticket: {'; '.join(said)}.", safe="Nothing was kept.", advice="Type it again at Intake."
        )
    layout = model.layout(PartKind.DISPLAY)
    values: dict[str, FieldValue] = {"display_serial": job.ticket.paper_serial}
    if chip:
        values["cover_code"] = chip
    image = encode(layout, {"signature": layout.field("signature").constant, **values})
    typed = replace(_from_phone(model, layout, job, image, when), programmer="typed from paper", origin=Origin.TYPED)
    return _kept(vault, typed)


def near_others(vault: Vault, job: Job) -> str:
    """Say what the typed serial nearly is of another phone; empty where nothing known is near."""
    others = _known_of_others(vault, job)
    same = [whose for whose, code in others.items() if clean(code) == clean(job.ticket.paper_serial)]
    near = [miss.sentence for miss in near_misses(job.ticket.paper_serial, others)]
    said = [f"that of {whose}" for whose in same] + near
    return f"it is {said[0]}, of another phone: compare it with the paper" if said else ""


def _known_of_phone(vault: Vault, job: Job) -> dict[str, str]:
    """Return the display serials and other codes that are known of this phone, by where they stand."""
    board = {f"the board's {identity.value.replace('_', ' ')}": job.phone.get(identity.value, "") for identity in Identity}
    return {**{whose: code for whose, code in board.items() if code}, **_serials(vault.find(imei=job.ticket.imei))}


def _known_of_others(vault: Vault, job: Job) -> dict[str, str]:
    """Return the display serials in the vault that are of other phones of any model."""
    return _serials(backup for backup in vault.find() if backup.content.imei != job.ticket.imei)


def _serials(backups: Iterable[Backup]) -> dict[str, str]:
    held = {backup.name: dict(backup.content.fields).get(Identity.DISPLAY_SERIAL.value, "") for backup in backups}
    return {name: serial for name, serial in held.items() if serial}


def _from_phone(model: Model, layout: Layout, job: Job, image: bytes, when: str) -> BackupContent:
    return BackupContent(
        model=model.key,
        layout=layout.name,
        part_kind=layout.part.value,
        die="",
        chip=job.phone.get(Identity.TOUCH_CHIP_ID.value, ""),
        maker="",
        imei=job.ticket.imei,
        job=job.ref,
        taken=when,
        programmer="phone over the cable",
        firmware="",
        origin=Origin.PHONE,
        fields=_fields(decode(layout, image)),
        image=image,
    )


def keep_made(vault: Vault, job: Job, source: Backup, image: bytes, when: str, note: str) -> Backup:
    """Keep a record that was put together from a backup, with a note of what was changed."""
    content = replace(source.content, image=image, job=job.ref, taken=when, origin=Origin.MADE, note=note)
    return _kept(vault, content)


def keep_tuned(vault: Vault, job: Job, source: Backup, record: Record, when: str, note: str) -> Backup:
    """Keep the record that was made for a panel, beside what the job's source said."""
    fields, maker = _fields(record), str(record.values["panel_maker"] or source.content.maker)
    made = replace(source.content, image=record.image, fields=fields, maker=maker)
    return _kept(vault, replace(made, job=job.ref, taken=when, origin=Origin.MADE, note=note))


def keep_flex_data(vault: Vault, model: Model, job: Job, when: str) -> Backup:
    """Keep the flex's identities that the unbound board gave over the cable."""
    layout = model.layout(PartKind.SENSOR_FLEX)
    try:
        codes = {key: job.phone[key] for key in (Identity.FLEX_ID.value, Identity.AMBIENT_CODE.value)}
    except KeyError as error:
        raise Trouble("The phone gave no flex data.", safe="Nothing was changed.", advice="Read the phone once more.") from error
    image = encode(layout, {"signature": layout.field("signature").constant, "ambient_gains": (1000,) * 8, **codes})
    return _kept(vault, _from_phone(model, layout, job, image, when))


def complete_record(vault: Vault, model: Model, maker: str, job: Job) -> Backup:
    """Return the newest complete display record of a model and maker; raise Trouble where there is none.

    One that this shop read itself comes before any that was imported.
    """
    others = (b for b in vault.find(layout=model.layout(PartKind.DISPLAY).name, maker=maker) if not job.owns(b.content.job))
    for kept in _sound(vault, others):
        with suppress(Trouble):
            if record_of(kept, model).complete(FieldRole.CALIBRATION):
                return kept
    raise Trouble(
        f"The vault holds no complete record of a {model.name} panel by {maker}.",
        safe="Nothing was changed.",
        advice="Take another way, or read a sound panel of this kind first.",
    )


def newest_backup(vault: Vault, imei: str, model: Model, kind: PartKind = PartKind.DISPLAY) -> Backup:
    """Return the newest verified backup of a phone's part; raise Trouble where there is none.

    One that this shop kept itself comes before any that was imported.
    """
    mine = (b for b in vault.find(imei=imei) if (b.content.model, b.content.part_kind) == (model.key, kind.value))
    for kept in _sound(vault, mine):
        with suppress(Trouble):
            if record_of(kept, model).complete(FieldRole.IDENTITY):
                return kept
    raise Trouble(
        "The vault holds no backup of this phone.", safe="Nothing was changed.", advice="Take another source of the codes."
    )


def _sound(vault: Vault, found: Iterable[Backup]) -> Iterator[Backup]:
    """Yield those of some backups that verify, this shop's own first: a damaged or foreign one blocks no other."""
    for backup in sorted((b for b in found if not b.purged), key=lambda backup: bool(backup.arrived)):
        with suppress(Trouble):
            yield vault.get(backup.ref)


def record_of(backup: Backup, model: Model) -> Record:
    """Return a backup's image as a record; raise RecordError where it is none of this model's."""
    try:
        layout = model.layout(PartKind(backup.content.part_kind))
    except (ValueError, LookupError, StopIteration) as error:
        raise RecordError(
            f"Backup {backup.name} is of no part that a {model.name} has.",
            safe="Nothing was changed.",
            advice="Choose another backup.",
        ) from error
    return decode(layout, backup.content.image)


def _fields(record: Record) -> tuple[tuple[str, str], ...]:
    return tuple((spec.name, shown(spec, record.values[spec.name])) for spec in record.layout.fields)


def _kept(vault: Vault, content: BackupContent) -> Backup:
    kept = vault.keep(content)
    back = vault.get(kept.ref)
    if back.content.canonical() != content.canonical():
        raise Trouble(
            f"Backup {kept.name} did not come back from the vault as it went in.",
            safe="The part is untouched.",
            advice="Check the disk, then read the part again.",
        )
    return kept

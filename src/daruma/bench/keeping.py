"""Keep what was read: into the vault, and back from it to be sure."""

from __future__ import annotations

from collections.abc import Iterable, Iterator
from contextlib import suppress
from typing import TYPE_CHECKING

from msgspec.structs import replace

from daruma.bench.reading import PartReading
from daruma.core.backup import Backup, BackupContent, Origin
from daruma.core.errors import RecordError, Trouble
from daruma.core.job import Job
from daruma.core.language import day, tr
from daruma.core.model import Model
from daruma.core.parts import Identity, PartKind
from daruma.core.records import FieldRole, Layout, Record, decode, shown_in
from daruma.link.devices import DeviceSelf

if TYPE_CHECKING:
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
        fields=fields_of(reading.record),
        image=reading.record.image,
    )
    return kept_whole(vault, content)


def from_phone(model: Model, layout: Layout, job: Job, image: bytes, when: str) -> BackupContent:
    """Return what the phone gave over the cable as a backup's content."""
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
        programmer=tr("phone over the cable"),
        firmware="",
        origin=Origin.PHONE,
        fields=fields_of(decode(layout, image)),
        image=image,
    )


def keep_made(vault: Vault, job: Job, source: Backup, image: bytes, when: str, note: str, arrived: str = "") -> Backup:
    """Keep a record that was put together from a backup, with a note of what was changed.

    What is made of something imported stays imported; `arrived` says where else it came from than the backup does.
    """
    content = replace(source.content, image=image, job=job.ref, taken=when, origin=Origin.MADE, note=note)
    return kept_whole(vault, content, origins(source.arrived, arrived))


def origins(*arrived: str) -> str:
    """Return which files something came from that was made from several things; empty where none was imported."""
    return "; ".join(dict.fromkeys(filter(None, arrived)))


def newest_backup(vault: Vault, imei: str, model: Model, kind: PartKind = PartKind.DISPLAY) -> Backup:
    """Return the newest verified backup of a phone's part; raise Trouble where there is none.

    One that this shop kept itself comes before any that was imported.
    """
    mine = (b for b in vault.find(imei=imei) if (b.content.model, b.content.part_kind) == (model.key, kind.value))
    for kept in sound(vault, mine):
        with suppress(Trouble):
            if record_of(kept, model).complete(FieldRole.IDENTITY):
                return kept
    raise Trouble(
        tr("The vault holds no backup of this phone."),
        safe=tr("Nothing was changed."),
        advice=tr("Take another source of the codes."),
    )


def sound(vault: Vault, found: Iterable[Backup]) -> Iterator[Backup]:
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
            tr("Backup {backup} is of no part that a {model} has.", backup=backup.name, model=model.name),
            safe=tr("Nothing was changed."),
            advice=tr("Choose another backup."),
        ) from error
    return decode(layout, backup.content.image)


def fields_of(record: Record) -> tuple[tuple[str, str], ...]:
    """Return a record's fields as texts, by name."""
    return tuple((spec.name, shown_in(record, spec)) for spec in record.layout.fields)


def kept_whole(vault: Vault, content: BackupContent, arrived: str = "") -> Backup:
    """Keep a content and return it as it came back; raise Trouble where it is not the same."""
    kept = vault.keep(content, arrived=arrived)
    back = vault.get(kept.ref)
    if back.content.canonical() != content.canonical():
        raise Trouble(
            tr("Backup {kept} did not come back from the vault as it went in.", kept=kept.name),
            safe=tr("The part is untouched."),
            advice=tr("Check the disk, then read the part again."),
        )
    return kept


def taken_from(backup: Backup) -> str:
    """Return in a few words which earlier backup was taken, and where it came from."""
    return tr("{backup} of {taken}{imported}", backup=backup.name, taken=day(backup.content.taken), imported=imported(backup))


def imported(backup: Backup) -> str:
    """Return that a backup was imported, in brackets; empty where it was not."""
    return tr(" (imported: {arrived})", arrived=backup.arrived) if backup.arrived else ""

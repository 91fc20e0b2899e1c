"""Keep what was read: into the vault, and back from it to be sure."""

from daruma.bench.reading import PartReading
from daruma.core.backup import Backup, BackupContent, Origin
from daruma.core.errors import Trouble
from daruma.core.job import Job
from daruma.core.model import Model
from daruma.core.parts import Identity, PartKind
from daruma.core.records import Record, decode, encode, shown
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
        job=job.name,
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
    signature = layout.field("signature").constant
    image = encode(
        layout, {"signature": signature, "display_serial": serial, "cover_code": cover, "panel_maker": model.makers[0]}
    )
    content = BackupContent(
        model=model.key,
        layout=layout.name,
        part_kind=PartKind.DISPLAY.value,
        die="",
        chip=job.phone.get(Identity.TOUCH_CHIP_ID.value, ""),
        maker=model.makers[0],
        imei=job.ticket.imei,
        job=job.name,
        taken=when,
        programmer="phone over the cable",
        firmware="",
        origin=Origin.PHONE,
        fields=_fields(decode(layout, image)),
        image=image,
    )
    return _kept(vault, content)


def newest_backup(vault: Vault, imei: str, model: Model) -> Backup:
    """Return the newest verified backup of a phone; raise Trouble where there is none."""
    for backup in vault.find(imei=imei):
        if backup.content.model == model.key and backup.content.part_kind == PartKind.DISPLAY.value:
            return vault.get(backup.name)
    raise Trouble(
        "The vault holds no backup of this phone.", safe="Nothing was changed.", advice="Take another source of the codes."
    )


def record_of(backup: Backup, model: Model) -> Record:
    """Return a backup's image as a record."""
    return decode(model.layout(PartKind.DISPLAY), backup.content.image)


def _fields(record: Record) -> tuple[tuple[str, str], ...]:
    return tuple((spec.name, shown(spec, record.values[spec.name])) for spec in record.layout.fields)


def _kept(vault: Vault, content: BackupContent) -> Backup:
    kept = vault.keep(content)
    back = vault.get(kept.name)
    if back.content.canonical() != content.canonical():
        raise Trouble(
            f"Backup {kept.name} did not come back from the vault as it went in.",
            safe="The part is untouched.",
            advice="Check the disk, then read the part again.",
        )
    return kept

"""Keep a display's codes and records: from the phone, from paper, put together; and find them again."""

from __future__ import annotations

from collections.abc import Iterable
from contextlib import suppress
from typing import TYPE_CHECKING

from msgspec.structs import replace

from daruma.bench.keeping import fields_of, from_phone, kept_whole, origins, record_of, sound
from daruma.core.backup import Backup, Origin
from daruma.core.errors import Trouble
from daruma.core.job import Job
from daruma.core.kinds.display.work import DisplayTicket, DisplayWork
from daruma.core.language import inner, tr
from daruma.core.measured import Measured
from daruma.core.model import Model
from daruma.core.near import near_misses
from daruma.core.parts import IDENTITY_LABEL, Identity, PartKind
from daruma.core.records import FieldRole, FieldValue, Record, encode
from daruma.core.serials import clean, serial_fault

if TYPE_CHECKING:
    from daruma.store.vault import Vault


def keep_codes(vault: Vault, model: Model, job: Job, when: str) -> Backup:
    """Keep the codes that the phone gave over the cable as a backup without calibration."""
    try:
        serial, cover = job.phone[Identity.DISPLAY_SERIAL.value], job.phone[Identity.COVER_CODE.value]
    except KeyError as error:
        raise Trouble(
            tr("The phone gave no display codes."),
            safe=tr("Nothing was changed."),
            advice=tr("Read the phone once more with trust confirmed, or take another source of the codes."),
        ) from error
    layout = model.layout(PartKind.DISPLAY)
    # codes have no maker: the panel that takes them keeps its own
    image = encode(layout, {"signature": layout.field("signature").constant, "display_serial": serial, "cover_code": cover})
    return kept_whole(vault, from_phone(model, layout, job, image, when))


def keep_paper(vault: Vault, model: Model, job: Job, when: str) -> Backup:
    """Keep the display serial that was typed from paper, with the code of the chip on the new panel as cover code.

    Refuse one that is malformed, and one that is nearly what is known of this very phone.
    """
    typed, target = job.ticket.of(DisplayTicket).paper_serial, job.of(DisplayWork).target
    fault = serial_fault(typed)
    chip = target.chip if target is not None else None
    near = near_misses(typed, _known_of_phone(vault, job)) or (near_misses(typed, _known_of_others(vault, job)) if fault else ())
    said = [*([fault] if fault else []), *(tr("it is {sentence}", sentence=miss.sentence) for miss in near[:1])]
    if said:
        raise Trouble(
            tr("The serial on the ticket: {said}.", said="; ".join(said)),
            safe=tr("Nothing was kept."),
            advice=tr("Type it again at Intake."),
        )
    layout = model.layout(PartKind.DISPLAY)
    values: dict[str, FieldValue] = {"display_serial": typed}
    if chip:
        values["cover_code"] = chip
    image = encode(layout, {"signature": layout.field("signature").constant, **values})
    content = from_phone(model, layout, job, image, when)
    return kept_whole(vault, replace(content, programmer="typed from paper", origin=Origin.TYPED))


def near_others(vault: Vault, job: Job) -> str:
    """Say what the typed serial nearly is of another phone; empty where nothing known is near."""
    others, typed = _known_of_others(vault, job), job.ticket.of(DisplayTicket).paper_serial
    same = [whose for whose, code in others.items() if clean(code) == clean(typed)]
    near = [miss.sentence for miss in near_misses(typed, others)]
    said = [tr("that of {whose}", whose=whose) for whose in same] + near
    return tr("it is {said}, of another phone: compare it with the paper", said=said[0]) if said else ""


def _known_of_phone(vault: Vault, job: Job) -> dict[str, str]:
    """Return the display serials and other codes that are known of this phone, by where they stand."""
    board = {
        tr("the board's {identity}", identity=inner(IDENTITY_LABEL[identity])): job.phone.get(identity.value, "")
        for identity in Identity
    }
    return {**{whose: code for whose, code in board.items() if code}, **_serials(vault.find(imei=job.ticket.imei))}


def _known_of_others(vault: Vault, job: Job) -> dict[str, str]:
    """Return the display serials in the vault that are of other phones of any model."""
    return _serials(backup for backup in vault.find() if backup.content.imei != job.ticket.imei)


def _serials(backups: Iterable[Backup]) -> dict[str, str]:
    held = {backup.name: dict(backup.content.fields).get(Identity.DISPLAY_SERIAL.value, "") for backup in backups}
    return {name: serial for name, serial in held.items() if serial}


def keep_tuned(vault: Vault, job: Job, source: Backup, record: Record, when: str, note: str, measured: Measured) -> Backup:
    """Keep the record that was made for a panel from what was measured on it, beside what the job's source said."""
    fields, maker = fields_of(record), str(record.values["panel_maker"] or source.content.maker)
    made = replace(source.content, image=record.image, fields=fields, maker=maker)
    content = replace(made, job=job.ref, taken=when, origin=Origin.MADE, note=note)
    return kept_whole(vault, content, origins(source.arrived, measured.arrived))


def complete_record(vault: Vault, model: Model, maker: str, job: Job) -> Backup:
    """Return the newest complete display record of a model and maker; raise Trouble where there is none.

    One that this shop read itself comes before any that was imported.
    """
    others = (b for b in vault.find(layout=model.layout(PartKind.DISPLAY).name, maker=maker) if not job.owns(b.content.job))
    for kept in sound(vault, others):
        with suppress(Trouble):
            if record_of(kept, model).complete(FieldRole.CALIBRATION):
                return kept
    raise Trouble(
        tr("The vault holds no complete record of a {model} panel by {maker}.", model=model.name, maker=maker),
        safe=tr("Nothing was changed."),
        advice=tr("Take another way, or read a sound panel of this kind first."),
    )

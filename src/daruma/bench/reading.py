"""Read the phone and the parts on the sockets."""

from collections.abc import Mapping

from msgspec import Struct

from daruma.bench.context import Context
from daruma.bench.rig import Rig
from daruma.catalogue.loader import Catalogue
from daruma.core.errors import ReadFailed, RecordError
from daruma.core.language import tr
from daruma.core.model import Model
from daruma.core.parts import Function, PartKind, PartSelf
from daruma.core.records import Layout, Record, decode, recognise
from daruma.core.tri import Tri
from daruma.link.devices import PhoneState, Report
from daruma.link.errors import Refused


class PhoneReading(Struct, frozen=True):
    """Hold what a phone gave over the cable; `functions` is empty without trust."""

    state: PhoneState
    functions: Mapping[Function, Tri]
    notice: bool | None

    def as_texts(self) -> dict[str, str]:
        """Return the reading as the texts that a job keeps."""
        identities = {identity.value: value for identity, value in self.state.board.items()}
        return {"model": self.state.model, "imei": self.state.imei, "system": str(self.state.system), **identities}


class PartReading(Struct, frozen=True):
    """Hold a part as it said of itself, and its record."""

    part: PartSelf
    record: Record


def read_phone(rig: Rig, context: Context) -> PhoneReading:
    """Read the phone on the cable; where it does not trust the bench yet, make it ask its owner."""
    context.report(0.1, tr("asking the phone"))
    phone = rig.phone()
    state = phone.state()
    if not state.trusted:
        phone.ask_trust()
        return PhoneReading(state, {}, None)
    context.report(0.5, tr("reading functions and parts page"))
    functions = phone.functions()
    notice = any(entry.notice for entry in phone.parts_page() if entry.part is PartKind.DISPLAY)
    return PhoneReading(state, functions, notice)


def part_on_socket(rig: Rig, socket: str) -> PartSelf | None:
    """Return the part that answers on a socket."""
    return rig.programmer().sockets().get(socket)


def read_part(
    rig: Rig,
    catalogue: Catalogue,
    model: Model,
    context: Context,
    *,
    twice: bool = False,
    kind: PartKind = PartKind.DISPLAY,
    socket: str = "",
) -> PartReading:
    """Read the part on a socket (the model's own without one); with `twice`, read again and compare.

    Raises RecordError for another model's record, a record that does not fit its checksums when read `twice`, or two
    reads that differ; Refused where nothing answers or the firmware is too old.
    """
    socket = socket or model.socket
    part = _answering(rig, socket)
    layout = model.layout(kind)
    place = _Place(model, layout, socket, part)
    end = 0.5 if twice else 1.0
    image = _read(rig, catalogue, place, context.part(0.0, end, "reading"))
    if twice:
        again = _read(rig, catalogue, place, context.part(0.5, 1.0, tr("reading again to compare")))
        if again != image:
            raise ReadFailed(
                tr("Two reads of the same part differ."),
                safe=tr("Nothing was kept, nothing was changed."),
                advice=tr("Clean the contacts, seat the part again and read once more."),
            )
    # a new part with a spoilt signature can still be written: the part itself has said what it is
    record = decode(layout, image, loose=not twice)
    if twice and not record.intact:
        raise ReadFailed(
            tr("The record is damaged: {damaged} does not fit.", damaged=", ".join(record.damaged).replace("_", " ")),
            safe=tr("Nothing was kept, nothing was changed."),
            advice=tr("Clean the contacts and read again; if it stays so, use another source of the codes."),
        )
    return PartReading(part, record)


def read_image(rig: Rig, model: Model, kind: PartKind, socket: str, report: Report) -> tuple[PartSelf, bytes]:
    """Read the bytes of the part on a socket, whatever they are: to see what an act has left on it."""
    part = _answering(rig, socket)
    image = rig.programmer().read_memory(socket, model.layout(kind).size, model.key, report, die=part.die)
    _still_there(rig, socket, part)
    return part, image


def _still_there(rig: Rig, socket: str, part: PartSelf) -> None:
    """Raise Refused where another part answers by now: what was read may be of either."""
    now = _answering(rig, socket)
    if now.die != part.die:
        raise Refused(
            "part",
            tr("{part} was on the socket, now {now} is.", part=part.name(), now=now.name()),
            safe=tr("Nothing was kept, nothing was changed."),
            advice=tr("Leave the part on the socket while it is read, and read it again."),
        )


def _answering(rig: Rig, socket: str) -> PartSelf:
    part = part_on_socket(rig, socket)
    if part is None:
        raise Refused(
            "empty",
            tr("No part answers on socket {socket}.", socket=socket),
            safe=tr("Nothing was changed."),
            advice=tr("Press the connector home on both ends."),
        )
    return part


class _Place(Struct, frozen=True):
    model: Model
    layout: Layout
    socket: str
    part: PartSelf


def _read(rig: Rig, catalogue: Catalogue, place: _Place, report: Report) -> bytes:
    model, layout = place.model, place.layout
    _agree(catalogue, model, place.part)
    image = rig.programmer().read_memory(place.socket, layout.size, model.key, report, die=place.part.die)
    _still_there(rig, place.socket, place.part)
    others = [found for found in recognise(catalogue.layouts(layout.part), image) if found.name != layout.name]
    if others and not recognise((layout,), image):
        name = catalogue.models[others[0].model].name
        raise RecordError(
            tr("This part carries a {name} record, the ticket says {model}.", name=name, model=model.name),
            safe=tr("Nothing was changed."),
            advice=tr("Correct the model in the ticket, or put the right part on the socket."),
        )
    return image


def _agree(catalogue: Catalogue, model: Model, part: PartSelf) -> None:
    if part.family != model.key:
        known = catalogue.models.get(part.family)
        raise RecordError(
            tr(
                "This part is for {known}, the ticket says {model}.", known=known.name if known else part.family, model=model.name
            ),
            safe=tr("Nothing was changed."),
            advice=tr("Correct the model in the ticket, or put the right part on the socket."),
        )

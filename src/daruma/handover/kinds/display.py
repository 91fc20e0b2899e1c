"""The display on sheets and in case files."""

from daruma.catalogue.loader import Catalogue
from daruma.core.job import Job
from daruma.core.kinds.display.facts import ChipPlace, DisplayChances, DisplayFacts, NewPanel, OriginalState, PanelKind
from daruma.core.kinds.display.work import DisplayTicket, DisplayWork
from daruma.core.language import tr
from daruma.core.model import Model
from daruma.core.parts import Function, PartKind
from daruma.handover.case_shape import CaseFile, PanelEntry
from daruma.handover.kinds.room import Faults, Fitted, HandoverRoom

KIND = PartKind.DISPLAY
WORDS = {
    PanelKind.GENUINE_NEW: tr("genuine, new"),
    PanelKind.GENUINE_USED: tr("genuine, used"),
    PanelKind.AFTERMARKET: tr("aftermarket"),
    PanelKind.READY_CODED: tr("aftermarket with a second-hand genuine touch chip"),
}


def fitted(job: Job) -> Fitted | None:
    """Return which panel was fitted."""
    if KIND not in job.ticket.parts:
        return None
    panel = job.ticket.of(DisplayTicket)
    words = tr("display panel by {maker}, {words}", maker=panel.maker or tr("an unnamed maker"), words=WORDS[panel.kind])
    return Fitted(words, panel.source or tr("not recorded"))


def instrument(job: Job, function: Function) -> str:
    """Return with what the levels of the brightness were measured."""
    return job.of(DisplayWork).measured.instrument if function is Function.AUTO_BRIGHTNESS else ""


def facts(file: CaseFile, catalogue: Catalogue) -> DisplayFacts:
    """Return what a case file says of the display."""
    chances = file.chances.model_dump()
    chances.pop("flex_sound")
    return DisplayFacts(
        file.original,
        file.chip,
        tuple(_panel(entry, catalogue) for entry in file.panels),
        file.earlier_backup,
        file.complete_record,
        file.serial_on_paper,
        file.source_maker,
        DisplayChances(**chances),
    )


def _panel(entry: PanelEntry, catalogue: Catalogue) -> NewPanel:
    return NewPanel(
        entry.kind,
        entry.maker,
        entry.name,
        catalogue.brands.get(entry.brand),
        entry.price,
        entry.record,
        entry.counted_writes,
        entry.last_write_failed,
        entry.hidden_past,
        entry.locked,
        entry.touch_flex_replaced,
    )


def faults(file: CaseFile, model: Model, catalogue: Catalogue) -> Faults:
    """Return what a case file says of panels that cannot be, by place."""
    found = []
    if file.original is OriginalState.MISSING and file.chip is ChipPlace.ON_ORIGINAL and file.panels:
        found.append(("chip", tr("it cannot be on an original that is missing")))
    if not file.panels and file.chip is not ChipPlace.ON_ORIGINAL:
        found.append(("chip", tr("with no new panel it cannot have been moved")))
    known = not file.source_maker or file.source_maker in model.makers
    found.append(
        (
            "source_maker",
            "" if known else tr("{model} has panels by {makers}", model=model.name, makers=tr(" or ").join(model.makers)),
        )
    )
    sockets: dict[str, int] = {}
    for index, panel in enumerate(file.panels):
        if panel.socket:
            before = sockets.setdefault(panel.socket, index)
            taken = (
                tr("panel {before} is in socket {socket} already", before=before, socket=panel.socket) if before != index else ""
            )
            found.append((f"panels.{index}.socket", taken))
        found += [(f"panels.{index}.{name}", fault) for name, fault in _of_panel(panel, model, catalogue)]
    return found


def _of_panel(panel: PanelEntry, model: Model, catalogue: Catalogue) -> Faults:
    fits = not panel.socket or panel.socket == model.socket
    known = not panel.brand or panel.brand in catalogue.brands
    made = not panel.maker or panel.maker in model.makers
    most = max(model.write_limits, default=100)
    return [
        (
            "socket",
            ""
            if fits
            else tr(
                "{model} panels fit socket {socket}, not {socket_2}", model=model.name, socket=model.socket, socket_2=panel.socket
            ),
        ),
        ("brand", "" if known else tr("the catalogue has no brand {brand}", brand=panel.brand)),
        ("maker", "" if made else tr("{model} has panels by {makers}", model=model.name, makers=tr(" or ").join(model.makers))),
        ("counted_writes", tr("a panel takes {most} writes at most", most=most) if panel.counted_writes > most else ""),
    ]


ROOM = HandoverRoom(
    KIND,
    tr("display"),
    tr("the original panel, read on the bench"),
    fitted,
    facts,
    faults=faults,
    instrument=instrument,
)

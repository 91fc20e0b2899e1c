"""The battery on sheets and in case files."""

from daruma.catalogue.loader import Catalogue
from daruma.core.cell.deciding import ORIGIN_LABEL, CellOrigin
from daruma.core.finishing import Origin
from daruma.core.job import Job, is_done
from daruma.core.kinds.battery.facts import BatteryFacts
from daruma.core.kinds.battery.work import KIND, BatteryState, BatteryTicket
from daruma.core.language import tr
from daruma.handover.case_shape import CaseFile, Strict
from daruma.handover.kinds.room import Fitted, HandoverRoom


class BatteryEntry(Strict):
    """The battery in the phone."""

    state: BatteryState = BatteryState.WORN
    origin: CellOrigin = CellOrigin.NEW
    pack: Origin = Origin.NEW


def fitted(job: Job) -> Fitted | None:
    """Return which battery was fitted."""
    origin = tr("the shop's stock, {origin}", origin=ORIGIN_LABEL[job.ticket.of(BatteryTicket).origin])
    if is_done(job, "fit_pack"):
        return Fitted(tr("a new battery pack with the original's serial; its health is what was measured"), origin)
    if is_done(job, "weld_cell"):
        return Fitted(tr("a new cell on the phone's own gauge board, which learns its health in use"), origin)
    if is_done(job, "fit_genuine"):
        return Fitted(tr("a genuine battery pack, finished on the phone"), origin)
    return Fitted(tr("a battery that the phone does not know: its notice stays"), origin) if is_done(job, "fit_unknown") else None


def facts(file: CaseFile, _: Catalogue) -> BatteryFacts | None:
    """Return what a case file says of the battery, where it names one."""
    if KIND not in file.parts:
        return None
    entry = BatteryEntry.model_validate(file.parts[KIND])
    return BatteryFacts(entry.state, entry.origin, entry.pack)


ROOM = HandoverRoom(KIND, tr("battery"), tr("the original battery"), fitted, facts, entry=BatteryEntry)

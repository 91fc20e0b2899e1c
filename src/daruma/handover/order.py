"""The owner's written order at intake: what is asked for, what may be done, which data is kept."""

from collections.abc import Mapping

from msgspec import Struct

from daruma.core.job import Job
from daruma.core.language import day, inner, tr
from daruma.core.parts import PART_LABEL, Function, PartKind
from daruma.core.serials import grouped
from daruma.core.tri import Tri
from daruma.handover.letterhead import Letterhead
from daruma.handover.sheet import Fit, environment

BEFORE = {Tri.YES: tr("worked when it was brought"), Tri.NO: tr("did not work when it was brought"), Tri.UNKNOWN: tr("not tried")}
# what an owner is asked to allow, each by itself (common practice, no source)
_MAY = (
    tr("The phone may be opened. Seals against water may not be as tight afterwards."),
    tr("Serials and calibration data of its parts may be read, kept and written to the parts that replace them."),
    tr("The phone may be started, and its functions tried."),
    tr(
        "If the phone asks for it: its owner will confirm trust and finish parts on the phone. The "
        "shop never asks for a passcode."
    ),
)
_RISKS: Mapping[PartKind, str] = {
    PartKind.DISPLAY: tr("Chips may be heated and moved between displays. A display can be ruined by it."),
    PartKind.BATTERY: tr("The old battery is taken for recycling and is not given back where it is swollen or hurt."),
    PartKind.FACE_MODULE: tr("The face module may be opened and soldered. If that fails, unlocking by face is gone for good."),
    PartKind.FRONT_CAMERA: tr("The front camera may be soldered to another flex."),
    PartKind.SENSOR_FLEX: tr("The front sensor flex may be replaced by a programmed one."),
}
_KNOW = (
    tr("A function is promised only where it is written above. What cannot be proven is said on the page at hand-over."),
    tr("Some steps can fail and cannot be taken back; the shop says which before it begins."),
    tr("Make a backup of your own data first: a phone that is damaged already may stop at any time."),
)


class Order(Struct, frozen=True):
    """Hold what the order says."""

    shop: Letterhead
    job: str
    phone: str
    imei: str
    day: str
    complaint: str
    wishes: tuple[tuple[str, str, str], ...]
    may: tuple[str, ...]
    know: tuple[str, ...]
    data: str


def make_order(
    shop: Letterhead, job: Job, phone: str, labels: Mapping[Function, str], meanings: Mapping[Function, str], days: int
) -> Order:
    """Gather a job's order; `days` is how long identifiers are kept after hand-over."""
    ticket = job.ticket
    parts = ", ".join(inner(PART_LABEL[kind]) for kind in ticket.parts)
    kept = tr(
        "IMEI, serials and calibration data of the phone's parts{parts}, what was done and measured. "
        "They are kept at the shop for warranty and can be purged {days} days after hand-over, or "
        "earlier when the owner asks. No photos, messages or other content of the phone are read.",
        parts=f" ({parts})" if parts else "",
        days=days,
    )
    return Order(
        shop,
        job.name,
        phone or tr("Phone ____________________"),
        tr("IMEI {grouped}", grouped=grouped(ticket.imei)) if ticket.imei else "IMEI ______________________",
        day(job.opened),
        ticket.complaint,
        tuple((labels[f], meanings[f], BEFORE[ticket.before.get(f, Tri.UNKNOWN)]) for f in ticket.promised),
        (*_MAY, *(risk for kind, risk in _RISKS.items() if kind in ticket.parts)),
        _KNOW,
        kept,
    )


def render_order(order: Order, fit: Fit) -> str:
    """Return the order as one self-contained HTML page."""
    return environment().get_template("order.html").render(order=order, fit=fit)

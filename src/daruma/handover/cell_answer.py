"""What a log says of a cell: its capacity, its health by a rated capacity, what may be written, as JSON data and as text."""

from __future__ import annotations

from math import floor
from typing import Any

from daruma.core.cell.amount import Capacity
from daruma.core.cell.capacity import best_capacity, flow_of
from daruma.core.cell.chemistry import Chemistry
from daruma.core.cell.deciding import Belief, CellOrigin, writable
from daruma.core.cell.flaws import Flaw, flaw_of
from daruma.core.cell.full_run import Stated, beyond, full_run
from daruma.core.cell.incremental import incremental
from daruma.core.cell.log import Floats, totals
from daruma.core.cell.sign import charging_sign
from daruma.core.errors import Trouble
from daruma.core.language import tr
from daruma.handover.meter_answer import columns_text
from daruma.handover.meter_log import MeterLog

SIGN_NOT_KNOWN = Flaw(
    tr("it does not show which sign of the current means charging"),
    tr("Say it with --charging positive or --charging negative."),
)


def cell_answer(
    log: MeterLog, rated: float, cell: Chemistry | None, name: str, stated: Stated | None = None, sign: float = 0.0
) -> dict[str, Any]:
    """Return a cell's judgement by its log alone, no origin believed; `sign` is that of the charging current where it is said.

    Raises Trouble where the log supports none, with the reason.
    """
    sign = sign or charging_sign(log.t, log.v, log.a, log.sign)
    if not sign:
        raise _refused(name, SIGN_NOT_KNOWN)
    a = sign * log.a
    found = _capacity(log, a, rated, cell, stated or Stated())
    if isinstance(found, Flaw):
        raise _refused(name, found)
    whole = totals(log.t, log.v, log.a)
    throughput = whole.charge_positive.value + whole.charge_negative.value
    slow = incremental(log.t, log.v, a)
    allowed = writable(Belief(found), rated, CellOrigin.UNKNOWN)
    return {
        "format": "daruma-cell",
        "version": 1,
        "columns": {key: {"name": column.name, "unit": column.unit} for key, column in log.columns.items()},
        "charging": "positive" if sign > 0 else "negative",
        "capacity_mAh": {"value": found.mah, "u": found.u, "method": found.method.value},
        "health_percent": {"value": 100 * found.mah / rated, "u": 100 * found.u / rated},
        "swing_percent": floor(1000 * found.swing) / 10,
        "full_cycles": throughput / (2 * found.mah),
        "may_write_percent": allowed.percent,
        "why": allowed.why,
        "dqdv_peaks_v": list(slow.peaks) if slow is not None else [],
    }


def _capacity(log: MeterLog, a: Floats, rated: float, cell: Chemistry | None, stated: Stated) -> Capacity | Flaw:
    flaw = flaw_of(log.t, log.v, a, rated)
    if flaw is not None:
        return flaw
    if cell is None:
        return full_run(log.t, log.v, a, flow_of(log.t, a), rated, stated)
    found = best_capacity(log.t, log.v, a, cell)
    if found is None:
        return Flaw(
            tr("it has no rests far enough apart and no full discharge"),
            tr("Discharge it from full to empty, or rest it before and after a part of it."),
        )
    return beyond(found, rated) or found


def _refused(name: str, flaw: Flaw) -> Trouble:
    return Trouble(
        tr("{name} does not say what the cell holds: {what}.", name=name, what=flaw.what),
        safe=tr("Nothing was changed."),
        advice=flaw.advice,
    )


def cell_text(found: dict[str, Any]) -> str:
    """Return a judgement in lines of text."""
    capacity, health = found["capacity_mAh"], found["health_percent"]
    return "\n".join(
        (
            tr(
                "{capacity:.1f} mAh, standard uncertainty {capacity_2:.1f} ({capacity_3})",
                capacity=capacity["value"],
                capacity_2=capacity["u"],
                capacity_3=capacity["method"],
            ),
            tr(
                "{health:.1f} % of the rated capacity, standard uncertainty {health_2:.1f}",
                health=health["value"],
                health_2=health["u"],
            ),
            columns_text(found),
            tr("{found:.3f} equivalent full cycles in the log", found=found["full_cycles"]),
            tr(
                "Peaks of the charge per volt: {found}",
                found=", ".join(f"{volts:.3f} V" for volts in found["dqdv_peaks_v"]) or tr("none"),
            ),
            tr("May be written: {percent} %. {why}", percent=found["may_write_percent"], why=found["why"]),
        )
    )

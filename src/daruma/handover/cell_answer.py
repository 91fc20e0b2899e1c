"""What a log says of a cell: its capacity, its health by a rated capacity, what may be written, as JSON data and as text."""

from __future__ import annotations

from math import floor
from typing import Any

from daruma.core.cell.capacity import best_capacity
from daruma.core.cell.chemistry import Chemistry
from daruma.core.cell.deciding import Belief, CellOrigin, writable
from daruma.core.cell.incremental import incremental
from daruma.core.cell.log import totals
from daruma.core.cell.phases import charging_sign
from daruma.core.errors import Trouble
from daruma.core.language import tr
from daruma.handover.meter_log import MeterLog


def cell_answer(log: MeterLog, rated: float, cell: Chemistry | None, name: str) -> dict[str, Any]:
    """Return a cell's judgement by its log alone, no origin believed; raise Trouble where the log supports none."""
    a = charging_sign(log.t, log.v, log.a, log.sign) * log.a
    found = best_capacity(log.t, log.v, a, cell)
    if found is None:
        said = tr("no rests far enough apart, and no full discharge") if cell else tr("no full discharge")
        raise Trouble(
            tr("{name} does not say what the cell holds: it has {said}.", name=name, said=said),
            safe=tr("Nothing was changed."),
            advice=tr("Discharge it from full to empty, or name its chemistry and rest it before and after a part of it."),
        )
    whole = totals(log.t, log.v, log.a)
    throughput = whole.charge_positive.value + whole.charge_negative.value
    slow = incremental(log.t, log.v, a)
    allowed = writable(Belief(found), rated, CellOrigin.UNKNOWN)
    return {
        "format": "daruma-cell",
        "version": 1,
        "capacity_mAh": {"value": found.mah, "u": found.u, "method": found.method.value},
        "health_percent": {"value": 100 * found.mah / rated, "u": 100 * found.u / rated},
        "swing_percent": floor(1000 * found.swing) / 10,
        "full_cycles": throughput / (2 * found.mah),
        "may_write_percent": allowed.percent,
        "why": allowed.why,
        "dqdv_peaks_v": list(slow.peaks) if slow is not None else [],
    }


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
            tr("{found:.3f} equivalent full cycles in the log", found=found["full_cycles"]),
            tr(
                "Peaks of the charge per volt: {found}",
                found=", ".join(f"{volts:.3f} V" for volts in found["dqdv_peaks_v"]) or tr("none"),
            ),
            tr("May be written: {percent} %. {why}", percent=found["may_write_percent"], why=found["why"]),
        )
    )

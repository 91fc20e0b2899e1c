"""What a log of volts and amperes says: charge, energy, phases, steps and gaps, as JSON data and as text."""

from __future__ import annotations

from typing import Any

import numpy as np

from daruma.core.cell.log import GAIN, Amount, Floats, current_steps, gaps, offset_of, totals
from daruma.core.cell.phases import charging_sign, phases
from daruma.core.model import Model
from daruma.core.power.boot import BootVerdict, boot_of
from daruma.handover.meter_log import MeterLog


def meter_answer(log: MeterLog, model: Model | None = None) -> dict[str, Any]:
    """Return a log's judgement; positive and negative are by the sign of the current as it stands in the file.

    With the model of the phone on the cable, what the log says of its start as well.
    """
    offset = offset_of(log.a)
    whole = totals(log.t, log.v, log.a, offset=offset)
    sign = charging_sign(log.t, log.v, log.a, log.sign)
    return {
        "format": "daruma-meter",
        "version": 1,
        "columns": {key: {"name": column.name, "unit": column.unit} for key, column in log.columns.items()},
        "samples": len(log.t),
        "left_out": log.left_out,
        "duration_s": float(log.t[-1] - log.t[0]),
        "assumed": {"gain_u": GAIN, "offset_u_a": offset},
        "charging": "positive" if sign > 0 else "negative",
        "charge_mAh": {"positive": _amount(whole.charge_positive), "negative": _amount(whole.charge_negative)},
        "energy_mWh": {"positive": _amount(whole.energy_positive), "negative": _amount(whole.energy_negative)},
        "phases": [_phase(log, span.phase.value, span.start, span.end) for span in phases(log.t, log.v, sign * log.a)],
        "steps": [
            {"t_s": step.t, "di_a": step.amperes, "r_first_ohm": step.first_ohm, "r_10s_ohm": step.late_ohm}
            for step in current_steps(log.t, log.v, log.a)
        ],
        "gaps": [{"start_s": gap.start, "end_s": gap.end} for gap in gaps(log.t)],
        **({} if model is None else {"start": _start(boot_of(log.t, log.v, sign * log.a, model.boot), model)}),
    }


def _start(verdict: BootVerdict, model: Model) -> dict[str, Any]:
    runs = [{"start_s": run.start, "end_s": run.end, "likeness": run.alike} for run in verdict.runs]
    return {"model": model.key, "verdict": verdict.boot.value, "why": verdict.why, "runs": runs}


def _amount(amount: Amount) -> dict[str, float]:
    return {"value": amount.value, "u": amount.u}


def _phase(log: MeterLog, kind: str, start: float, end: float) -> dict[str, Any]:
    # of two samples at one time the later one begins a phase, the earlier one ends it
    first, last = int(np.searchsorted(log.t, start, "right")), int(np.searchsorted(log.t, end, "left"))
    t = np.r_[start, log.t[first:last], end]
    v, a = (_ended(log.t, each, start, end, first, last) for each in (log.v, log.a))
    lasted = max(end - start, 1e-12)
    return {
        "kind": kind,
        "start_s": start,
        "end_s": end,
        "charge_mAh": float(np.trapezoid(a, t)) / 3.6,
        "energy_mWh": float(np.trapezoid(a * v, t)) / 3.6,
        "mean_v": float(np.trapezoid(v, t)) / lasted,
        "mean_a": float(np.trapezoid(a, t)) / lasted,
    }


def _ended(t: Floats, values: Floats, start: float, end: float, first: int, last: int) -> Floats:
    """Return values inside a phase with those at its ends, between samples where no sample is there."""
    begin = values[first - 1] if first and t[first - 1] == start else np.interp(start, t, values)
    finish = values[last] if last < len(t) and t[last] == end else np.interp(end, t, values)
    whole: Floats = np.r_[begin, values[first:last], finish]
    return whole


def meter_text(found: dict[str, Any]) -> str:
    """Return a judgement in lines of text."""
    lines = [f"{key}: {column['name'] or '-'} ({column['unit']})" for key, column in found["columns"].items()]
    lines.append(f"{found['samples']} samples, {found['duration_s']:.0f} s; {found['left_out']} rows left out")
    for key, unit in (("charge_mAh", "mAh"), ("energy_mWh", "mWh")):
        parts = (
            f"{side} {amount['value']:.3f} {unit}, standard uncertainty {amount['u']:.3f}" for side, amount in found[key].items()
        )
        lines.append("; ".join(parts))
    for phase in found["phases"]:
        span = f"{phase['start_s']:.1f} to {phase['end_s']:.1f} s"
        lines.append(f"{phase['kind'].replace('_', ' ')}: {span}, {phase['mean_a']:.3f} A, {phase['mean_v']:.3f} V")
    if "start" in found:
        lines.append(f"start of {found['start']['model']}: {found['start']['verdict']}, {found['start']['why']}")
    lines += [f"gap: {gap['start_s']:.1f} to {gap['end_s']:.1f} s" for gap in found["gaps"]]
    return "\n".join(lines)

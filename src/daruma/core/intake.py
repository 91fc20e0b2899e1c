"""What keeps a ticket from being planned."""

from collections.abc import Mapping

from daruma.core.job import Ticket
from daruma.core.kinds import room
from daruma.core.language import tr
from daruma.core.model import Model
from daruma.core.parts import PartKind, Version
from daruma.core.serials import imei_fault


def ticket_faults(ticket: Ticket, models: Mapping[str, Model]) -> dict[str, str]:
    """Return what keeps a ticket from being planned, by field name; a part's fields have its kind's name before them."""
    model = models.get(ticket.model)
    faults = {
        "model": "" if model else tr("choose the model"),
        "imei": imei_fault(ticket.imei) or "",
        "system": _system_fault(ticket.system, model),
        "promised": "" if ticket.promised else tr("promise at least one function"),
    }
    for kind, part in ticket.parts.items():
        faults |= {field_name(kind, name): fault for name, fault in room(kind).faults(part, model).items()}
    return {name: fault for name, fault in faults.items() if fault}


def field_name(kind: PartKind, name: str) -> str:
    """Return the name of a field of a part's ticket among those of the whole ticket."""
    return f"{kind.value}.{name}"


def parts_of_faults(faults: Mapping[str, str]) -> dict[PartKind, dict[str, str]]:
    """Return the faults that are of parts, by kind, by the same field names."""
    return {
        kind: its for kind in PartKind if (its := {name: f for name, f in faults.items() if name.startswith(f"{kind.value}.")})
    }


def _system_fault(typed: str, model: Model | None) -> str:
    if not typed.strip():
        return tr("missing: read the phone")
    try:
        version = Version.parse(typed)
    except ValueError:
        return tr("a version such as 4.6")
    if model and not model.first_system <= version <= model.last_system:
        return tr(
            "{model} ran {first_system} to {last_system}",
            model=model.name,
            first_system=model.first_system,
            last_system=model.last_system,
        )
    return ""

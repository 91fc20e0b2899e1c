"""A model as the planner sees it, in words: what it is, what its system checks when, its limits, the brands made for it."""

from html import escape

from daruma.catalogue.loader import Catalogue
from daruma.core.kinds.display.facts import Brand
from daruma.core.model import Era, Model
from daruma.core.parts import IDENTITY_LABEL, PART_LABEL


def model_html(model: Model, catalogue: Catalogue) -> str:
    """Return the page's markup; every text is escaped."""
    lines = (f"<tr><td><b>{escape(name)}</b></td><td>{escape(said)}</td></tr>" for name, said in _rows(model, catalogue))
    return f'<table cellspacing="0" cellpadding="4">{"".join(lines)}</table>'


def _rows(model: Model, catalogue: Catalogue) -> list[tuple[str, str]]:
    labels = catalogue.function_labels
    rows = [
        ("Systems", f"{model.first_system} to {model.last_system}"),
        ("Functions", ", ".join(labels[function] for function in model.functions)),
        ("Panel makers", _makers(model)),
        ("Writes in a panel's life", ", ".join(map(str, model.write_limits)) or "no known limit"),
        ("Socket", f"{model.socket}, programmer firmware {model.programmer_firmware} or later"),
        ("Code memory", f"{model.memory_package}; codes over the cable: {'yes' if model.codes_over_cable else 'no'}"),
        (
            "White",
            f"follows {100 * model.white.degree:.0f} % of the way to the light, within {model.white.tolerance_uv:g} in u'v'",
        ),
        ("Display", f"{model.screen_inches:g} inches, gamma {model.display.gamma:g}"),
    ]
    if model.cell_rated:
        rows.append(("Battery", f"{model.cell_rated:.0f} mAh, {model.cell_chemistry}"))
    rows += [(f"System from {era.since}", _era(era)) for era in model.eras if era.since <= model.last_system]
    if model.unbind_on_phone:
        rows.append(("Unbinding on the phone", " to ".join(map(str, model.unbind_on_phone))))
    rows += [
        (f"Memory: {PART_LABEL[each.part].lower()}", f"{each.size} bytes, {len(each.fields)} fields") for each in model.layouts
    ]
    rows += [(f"Ready-coded: {brand.name}", _brand(brand)) for brand in catalogue.brands.values()]
    return [*rows, ("File", catalogue.origins[model.key])]


def _makers(model: Model) -> str:
    notes = dict.fromkeys(model.takes_other_makers, " (some take another's record)")
    notes |= dict.fromkeys(model.unreadable_makers, " (not yet readable)")
    return ", ".join(maker + notes.get(maker, "") for maker in model.makers)


def _era(era: Era) -> str:
    checks = ", ".join(IDENTITY_LABEL[identity].lower() for identity in era.notice_checks)
    finishes = ", ".join(PART_LABEL[kind].lower() for kind in era.finishes)
    return f"the notice looks at {checks or 'nothing'}" + (f"; the phone finishes {finishes}" if finishes else "")


def _brand(brand: Brand) -> str:
    order = "its data is written before a chip is moved to it" if brand.data_before_chip else "a chip may be moved to it first"
    return f"{order}. {brand.note}".strip()

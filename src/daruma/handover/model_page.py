"""A model as the planner sees it, in words: what it is, what its system checks when, its limits, the brands made for it."""

from html import escape

from daruma.catalogue.cells import chemistries
from daruma.catalogue.loader import Catalogue
from daruma.core.kinds.display.facts import Brand
from daruma.core.language import inner, tr
from daruma.core.model import Era, Model
from daruma.core.parts import IDENTITY_LABEL, PART_LABEL


def model_html(model: Model, catalogue: Catalogue) -> str:
    """Return the page's markup; every text is escaped."""
    lines = (f"<tr><td><b>{escape(name)}</b></td><td>{escape(said)}</td></tr>" for name, said in _rows(model, catalogue))
    return f'<table cellspacing="0" cellpadding="4">{"".join(lines)}</table>'


def _rows(model: Model, catalogue: Catalogue) -> list[tuple[str, str]]:
    labels = catalogue.function_labels
    rows = [
        (tr("Systems"), tr("{first_system} to {last_system}", first_system=model.first_system, last_system=model.last_system)),
        (tr("Functions"), ", ".join(labels[function] for function in model.functions)),
        (tr("Panel makers"), _makers(model)),
        (tr("Writes in a panel's life"), ", ".join(map(str, model.write_limits)) or tr("no known limit")),
        (
            tr("Socket"),
            tr(
                "{socket}, programmer firmware {programmer_firmware} or later",
                socket=model.socket,
                programmer_firmware=model.programmer_firmware,
            ),
        ),
        (
            tr("Code memory"),
            tr(
                "{memory_package}; codes over the cable: {whether}",
                memory_package=model.memory_package,
                whether=tr("yes") if model.codes_over_cable else tr("no"),
            ),
        ),
        (
            tr("White"),
            tr(
                "follows {degree:.0f} % of the way to the light, within {tolerance_uv:g} in u'v'",
                degree=100 * model.white.degree,
                tolerance_uv=model.white.tolerance_uv,
            ),
        ),
        (
            tr("Display"),
            tr("{screen_inches:g} inches, gamma {gamma:g}", screen_inches=model.screen_inches, gamma=model.display.gamma),
        ),
    ]
    if model.cell_rated:
        chemistry = chemistries().get(model.cell_chemistry)
        cell = chemistry.name if chemistry else model.cell_chemistry
        rows.append((tr("Battery"), tr("{cell_rated:.0f} mAh; {cell}", cell_rated=model.cell_rated, cell=cell)))
    rows += [(tr("System from {since}", since=era.since), _era(era)) for era in model.eras if era.since <= model.last_system]
    if model.unbind_on_phone:
        rows.append((tr("Unbinding on the phone"), tr(" to ").join(map(str, model.unbind_on_phone))))
    rows += [
        (
            tr("Memory: {part}", part=inner(PART_LABEL[each.part])),
            tr("{size} bytes, {count_fields} fields", size=each.size, count_fields=len(each.fields)),
        )
        for each in model.layouts
    ]
    rows += [(f"Ready-coded: {brand.name}", _brand(brand)) for brand in catalogue.brands.values()]
    return [*rows, (tr("File"), catalogue.origins[model.key])]


def _makers(model: Model) -> str:
    notes = dict.fromkeys(model.takes_other_makers, tr(" (some take another's record)"))
    notes |= dict.fromkeys(model.unreadable_makers, tr(" (not yet readable)"))
    return ", ".join(maker + notes.get(maker, "") for maker in model.makers)


def _era(era: Era) -> str:
    checks = ", ".join(inner(IDENTITY_LABEL[identity]) for identity in era.notice_checks)
    finishes = ", ".join(inner(PART_LABEL[kind]) for kind in era.finishes)
    return tr("the notice looks at {checks}", checks=checks or "nothing") + (
        tr("; the phone finishes {finishes}", finishes=finishes) if finishes else ""
    )


def _brand(brand: Brand) -> str:
    order = (
        tr("its data is written before a chip is moved to it")
        if brand.data_before_chip
        else tr("a chip may be moved to it first")
    )
    return f"{order}. {brand.note}".strip()

"""What the phone itself makes of its display: finishing it, its entry on the parts page."""

from collections.abc import Mapping
from typing import Any

from daruma.catalogue.loader import Catalogue
from daruma.core.model import FinishRule, Model
from daruma.core.pairing import Condition, evaluate
from daruma.core.parts import Function, Identity, PartStatus, Version
from daruma.core.records import FieldRole
from daruma.core.tri import Tri
from daruma.standin.errors import No
from daruma.standin.facts import facts
from daruma.standin.finishing import due, finished
from daruma.standin.kinds.display.panel import KIND, Panel, record_of
from daruma.standin.kinds.sensor_flex import KIND as FLEX
from daruma.standin.world import Phone, World


def finish(world: World, phone: Phone, model: Model, _: Catalogue, __: Mapping[str, Any]) -> dict[str, Any]:
    """Let the phone finish its display, or refuse."""
    due(world, phone, model, KIND)
    panel = world.fitted(phone, Panel)
    if panel is None or (fault := finishing_fault(phone, model, panel)):
        raise No("no", fault if panel else "no display is fitted")
    known = facts(world, phone, model)
    for identity in (Identity.DISPLAY_SERIAL, Identity.COVER_CODE, Identity.TOUCH_CHIP_ID):
        phone.board[identity.value] = known.carried[identity] or ""
    phone.conditions[Condition.DISPLAY_FINISHED.value] = True
    return finished(world, phone, KIND, bound_before=panel.bound_before)


def finishing_fault(phone: Phone, model: Model, panel: Panel) -> str:
    """Return why the phone refuses to finish its display; empty where it accepts it."""
    system = Version.parse(phone.system)
    rule = model.era(system).finishing if model.finishing_since and system >= model.finishing_since else FinishRule.NONE
    record = record_of(panel, model)
    if rule is FinishRule.NONE:
        return "this version knows no finishing"
    if panel.locked or panel.touch_flex_replaced:
        return "the part is locked" if panel.locked else "the touch flex was replaced"
    if panel.chip is None or record is None or not record.complete(FieldRole.IDENTITY):
        return "the part carries no codes"
    if record.identity(Identity.COVER_CODE) != panel.chip:
        return "the part's data do not agree with its touch chip"
    if rule is FinishRule.GENUINE_CHIP:
        return "" if panel.chip_genuine else "the touch chip is not genuine"
    whole = panel.genuine and panel.chip_genuine and panel.chip == panel.own_chip
    if not whole:
        return "the part is not a whole genuine display"
    return "" if phone.fitted.get(FLEX.value) == phone.home.get(FLEX.value) else "the sensor flex is not the phone's own"


def page(world: World, phone: Phone, model: Model) -> Mapping[str, Any]:
    """Return the display's entry on the parts page."""
    if not model.display_notice:
        return {"part": KIND.value, "status": PartStatus.GENUINE.value, "notice": False}
    clear = evaluate(facts(world, phone, model), Function.NO_DISPLAY_NOTICE).holds is Tri.YES
    status = PartStatus(phone.status.get(KIND.value) or PartStatus.GENUINE.value) if clear else PartStatus.UNKNOWN
    return {"part": KIND.value, "status": status.value, "notice": not clear}

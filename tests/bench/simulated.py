"""A technician who follows the planner's policy on the simulated bench: what works is for the stand-ins to say.

The things' true properties are drawn for each run: whether the original answers, the hidden write limit, how good each
contact is (from the distribution that the planner believes in). Nothing is taken from the planner's own transitions.
"""

import hashlib
import random
from dataclasses import dataclass

from msgspec.structs import replace

from daruma.bench.kinds.display.writing import plan_write, source_for
from daruma.bench.reading import PartReading
from daruma.catalogue.loader import Catalogue
from daruma.core.kinds.display.facts import ChipPlace, NewPanel, OriginalState, PanelRecord, facts_of
from daruma.core.kinds.display.state import PANELS, PanelVar
from daruma.core.kinds.sensor_flex import FlexState
from daruma.core.kinds.sensor_flex import facts_of as flex_of
from daruma.core.pairing import evaluate
from daruma.core.parts import Function, Identity, PartKind, PartSelf
from daruma.core.plan.actions import Action, How
from daruma.core.plan.case import Case
from daruma.core.plan.explain import belief
from daruma.core.plan.policy import Policy
from daruma.core.records import Record, compose, decode
from daruma.core.tri import Tri
from daruma.demo.kinds.display import panel as made_panel
from daruma.demo.laying import Laying
from daruma.demo.maker import Maker
from daruma.standin.errors import No
from daruma.standin.facts import facts
from daruma.standin.hands import HandsSim
from daruma.standin.kinds.display.panel import Panel
from daruma.standin.kinds.face_module import Module
from daruma.standin.kinds.sensor_flex import EAR, HOLDER, Flex
from daruma.standin.phone import PhoneSim
from daruma.standin.programmer import ProgrammerSim
from daruma.standin.world import Phone, World
from tests.parts import some


@dataclass
class SimulatedBench:
    """One phone, its parts and the devices, made anew for each run from one seed."""

    case: Case
    catalogue: Catalogue
    rng: random.Random

    def __post_init__(self) -> None:
        laying, model = Laying(Maker(random.Random(7))), self.case.model
        sound = flex_of(self.case).state is FlexState.SOUND
        self._phone = laying.phone(model, str(self.case.system), "a phone", {} if sound else {"flex": "worn"})
        self._original, self._flex = laying.world.home(self._phone, Panel), laying.world.home(self._phone, Flex)
        self._module = laying.world.home(self._phone, Module)
        self._panels = [
            made_panel(laying.maker, model, model.makers[0], limit=None, blank=panel.carries is PanelRecord.BLANK)
            for panel in facts_of(self.case).panels
        ]

    def fresh(self) -> None:
        """Lay everything out for the next run, with true properties drawn anew."""
        rng, display = self.rng, facts_of(self.case)
        chances = display.chances
        answers = display.original is OriginalState.ANSWERS or (
            display.original is OriginalState.UNTRIED and rng.random() < chances.original_answers
        )
        self.original = replace(self._original, answers=answers)
        if display.chip is ChipPlace.LOST:
            self.original.chip = None
        self.panels = [self._dealt(panel, known) for panel, known in zip(self._panels, display.panels, strict=True)]
        self.phone: Phone = replace(
            self._phone,
            board=dict(self._phone.board),
            conditions=dict(self._phone.conditions),
            fitted=dict(self._phone.fitted),
            status={},
            trusted=True,
        )
        sockets = dict.fromkeys((self.case.model.socket, EAR, HOLDER))
        self.world = World(sockets, {self.phone.imei: self.phone}, firmware="9.0", cable=self.phone.imei)
        self.world.put(self.original, *self.panels, replace(self._flex), self._module)
        self.hands = HandsSim(self.world, self.catalogue).handlers()
        self.programmer = ProgrammerSim(self.world, self.catalogue).handlers()
        self.cable = PhoneSim(self.world, self.catalogue).handlers()
        self.contact: dict[str, float] = {}
        self.codes: Record | None = None
        self.flex_data: bytes | None = None
        self.read: PartReading | None = None
        self.current = 0
        self.read_something = False

    def _dealt(self, panel: Panel, known: NewPanel) -> Panel:
        """Give a panel a limit that its history allows, each equally likely, and a lock perhaps."""
        limits = [limit for limit in self.case.model.write_limits if limit >= known.counted]
        locked = self.rng.random() >= facts_of(self.case).chances.donor_clean
        return replace(panel, limit=self.rng.choice(limits) if limits else None, writes=known.counted, locked=locked)

    def goes_well(self, action: Action) -> bool:
        """Draw whether hands or contact serve this once; how good they are is drawn once in a run."""
        if action.key not in self.contact:
            known = belief(self.case, action)
            self.contact[action.key] = known.mean if known.a == float("inf") else self.rng.betavariate(known.a, known.b)
        return self.rng.random() < self.contact[action.key]

    # -- one action: True, False, or None where something is lost for good

    def do(self, action: Action, attempt: int) -> bool | None:
        if action.trait.how is How.HAND:
            return self._by_hand(action, attempt)
        if action.trait.writes:
            return self._write(action)
        match action.key:
            case "read_original":
                if self.goes_well(action) and (image := self._read(self.case.model.socket)) is not None:
                    self.codes = decode(self.case.model.layout(PartKind.DISPLAY), image)
                    return True
                return False
            case "read_new":
                return self._read_target(action)
            case "codes_over_cable":
                return self.goes_well(action) and self._over_cable()
            case "unbind_on_phone":
                return self.goes_well(action) and self._ask(self.cable, "phone.unbind")
            case "finish_on_phone":
                return self.goes_well(action) and self._ask(self.cable, "phone.finish")
            case "back_up_flex":
                self.flex_data = self._read(EAR, PartKind.SENSOR_FLEX) if self.goes_well(action) else None
                return self.flex_data is not None
            case "write_flex":
                return self.goes_well(action) and self._send(HOLDER, self.flex_data or b"")
            case _:
                raise AssertionError(action.key)

    def _by_hand(self, action: Action, attempt: int) -> bool | None:
        if action.key == "check_donor":
            return not self.panels[self.current].locked
        if action.key == "another_panel":
            self.current = PANELS.index(action.effects[PanelVar.PANEL])  # type: ignore[arg-type]
        well = action.chances == (1.0,) or self.goes_well(action)
        lost = not well and self.rng.random() < action.ruin(attempt)
        if not well and not lost:
            return False
        for act in action.hands:
            if lost and act in SLIPS:
                self.world.faults.arm("slip")
                assert not self._hand(act)
                return None
            assert self._hand(act), (action.key, act)
        return True

    def _hand(self, act: str) -> bool:
        die = self.panels[self.current].die if self.panels else ""
        return self._ask(self.hands, "hands.do", act=act, imei=self.phone.imei, new={"display": die})

    @staticmethod
    def _ask(device: dict, op: str, **args: object) -> bool:  # type: ignore[type-arg]
        try:
            device[op](args)
        except No:
            return False
        return True

    def _read(self, socket: str, kind: PartKind = PartKind.DISPLAY) -> bytes | None:
        image, size = b"", self.case.model.layout(kind).size
        try:
            while len(image) < size:
                length = min(256, size - len(image))
                image += self.programmer["memory.read"]({"socket": socket, "offset": len(image), "length": length})["data"]
        except No:
            return None
        return image

    def _send(self, socket: str, image: bytes) -> bool:
        write = {"socket": socket, "length": len(image), "offset": 0, "data": image, "sha256": hashlib.sha256(image).digest()}
        return all(self._ask(self.programmer, op, **write) for op in ("write.begin", "write.page", "write.commit"))

    def _read_target(self, action: Action) -> bool:
        image = self._read(self.case.model.socket) if self.goes_well(action) else None
        if image is None:
            return False
        panel = self.panels[self.current]
        part = PartSelf(panel.die, PartKind.DISPLAY, panel.maker, panel.family, len(image), panel.chip)
        self.read = PartReading(part, decode(self.case.model.layout(PartKind.DISPLAY), image))
        return True

    def _write(self, action: Action) -> bool | None:
        assert self.read is not None
        source = some(source_for(action.key, self.codes, self.read))
        faults, panel = self.world.faults, self.panels[self.current]
        if self.rng.random() < facts_of(self.case).chances.spent_write_kills:
            faults.arm("spent_write_kills")
        if not self.goes_well(action):
            faults.arm("voltage_dip")
        sent = self._send(self.case.model.socket, plan_write(self.read, source, action.key).image)
        faults.armed.clear()
        if not panel.answers:
            return None
        return sent

    def _over_cable(self) -> bool:
        board = self.cable["phone.state"]({})["board"]
        known = decode(self.case.model.layout(PartKind.DISPLAY), bytes.fromhex(self._original.memory))
        if board.get("display_serial") != known.identity(Identity.DISPLAY_SERIAL):
            return False
        blank = decode(known.layout, b"\xff" * len(known.image))
        names = [spec.name for spec in known.layout.fields if spec.identity is not None]
        self.codes = decode(known.layout, compose(blank, known, names))
        return True

    # -- the end

    def keeps(self, function: Function) -> bool:
        """Return what the phone says of a function, fitted and running."""
        if not self.phone.on or self.phone.fitted[PartKind.DISPLAY.value] is None:
            return False
        return evaluate(facts(self.world, self.phone, self.case.model), function).holds is Tri.YES


SLIPS = frozenset({"lift_chip", "solder_chip", "clear_new_chip", "fit_new", "lift_memory", "refit_memory", "swap_flex"})


def walk(bench: SimulatedBench, policy: Policy) -> bool:
    """Follow the policy to its end by what the stand-ins do; return whether every try went well."""
    bench.fresh()
    state, smooth = policy.problem.start, True
    while (pick := policy.best(state)) is not None:
        action, tried = pick.move.action, pick.tried(state)
        if pick.set_up is not None:
            assert bench.do(pick.set_up.action, 0)
        went = bench.do(action, tried)
        outcomes = pick.outcomes(state)
        if went:
            state = outcomes[0][1]
        else:
            smooth = False
            failures = outcomes[1:]
            ruined = action.ruin(tried) > 0
            state = failures[-1][1] if went is None and ruined else failures[0][1]
    return smooth

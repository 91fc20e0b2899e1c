"""The shape of case files, checked by pydantic."""

from typing import Annotated, Literal

from pydantic import BaseModel, ConfigDict, Field

from daruma.core.kinds.display.facts import ChipPlace, OriginalState, PanelKind, PanelRecord
from daruma.core.kinds.sensor_flex import FlexState
from daruma.core.parts import Function, Identity, PartKind
from daruma.core.plan.money import Aim
from daruma.core.tri import Tri

Text = Annotated[str, Field(max_length=200)]
Money = Annotated[float, Field(ge=0, le=100000)]
Chance = Annotated[float, Field(ge=0, le=1)]
Minutes = Annotated[float, Field(ge=0, le=6000)]


class Strict(BaseModel):
    """Refuse unknown keys: a mistyped key must not pass in silence."""

    model_config = ConfigDict(extra="forbid", frozen=True)


class PanelEntry(Strict):
    """A panel that could be fitted; the first is the one in hand."""

    kind: PanelKind
    maker: Text = ""
    name: Text = ""
    brand: Text = Field("", description="key of an aftermarket brand in the catalogue")
    price: Money = 0.0
    record: PanelRecord | None = Field(None, description="what it carries before anything is written; usual for its kind")
    counted_writes: Annotated[int, Field(ge=0, le=100)] = 0
    last_write_failed: bool = False
    hidden_past: bool = Field(False, description="it may have had writes that nobody noted")
    locked: Tri = Tri.UNKNOWN
    touch_flex_replaced: Tri = Tri.UNKNOWN
    socket: Text = Field("", description="where it lies now; two panels cannot be in one")


class BenchEntry(Strict):
    """What the bench owns and has at hand."""

    hot_air: bool = True
    welder: bool = True
    grinder: bool = True
    memory_sockets: tuple[Text, ...] = ("BGA110", "BGA315")
    ear_adapter: bool = True
    spare_flex: bool = True
    network: bool = True


class PreferenceEntry(Strict):
    """What the shop prefers, in its own money."""

    no_board_heat: bool = False
    no_soldering: bool = False
    aim: Aim = Aim.BALANCE
    attended_per_hour: Money = 48.0
    waiting_per_hour: Money = 6.0
    worth: dict[Function, Money] = Field(default_factory=dict)
    board: Money = 240.0
    board_heat: Money = 20.0
    write: Money = 2.0
    used: Money = 15.0


class ChanceEntry(Strict):
    """Chances of facts that nobody has looked at yet."""

    original_answers: Chance = 0.85
    donor_clean: Chance = 0.8
    flex_sound: Chance = 0.9
    original_turns_up: Chance = 0.3
    spent_write_kills: Chance = 0.5


class FigureEntry(Strict):
    """This shop's own figures of an action, in place of the catalogue's."""

    attended: Minutes | None = None
    waiting: Minutes | None = None
    cost: Money | None = None
    chance: Chance | None = None
    origin: Text = "measured"


class OutcomeEntry(Strict):
    """How often an action went well and badly at this shop."""

    done: Annotated[int, Field(ge=0)] = 0
    failed: Annotated[int, Field(ge=0)] = 0


class StepEntry(Strict):
    """A step that was done already; `panel` says with which panel (1 to 3), where several could be meant."""

    action: Text
    well: bool = True
    panel: Annotated[int, Field(ge=1, le=3)] | None = None


class CaseFile(Strict):
    """A case for the planner, see docs/formats.md."""

    model_config = ConfigDict(extra="forbid", frozen=True, title="Daruma case, version 1")
    format: Literal["daruma-case"]
    version: Literal[1]
    title: Text = ""
    model: Text
    system: Annotated[str, Field(pattern=r"^[0-9]{1,3}(\.[0-9]{1,3})?$")]
    promised: Annotated[tuple[Function, ...], Field(min_length=1)]
    original: OriginalState = OriginalState.UNTRIED
    chip: ChipPlace = ChipPlace.ON_ORIGINAL
    panels: Annotated[tuple[PanelEntry, ...], Field(max_length=3)] = ()
    flex: FlexState = FlexState.SOUND
    parts: dict[PartKind, dict[str, object]] = Field(
        default_factory=dict, description="further parts on the table, each with the entry of its kind"
    )
    runs: bool = True
    trusted: bool = True
    earlier_backup: bool = False
    earlier_flex_backup: bool = False
    complete_record: bool = False
    serial_on_paper: bool = False
    source_maker: Text = Field("", description="maker of the panel that the display's data are of, as far as it is known")
    foreign_identities: tuple[Identity, ...] = Field(
        (), description="identities, besides those of display and sensor flex, that do not match the board"
    )
    bench: BenchEntry = BenchEntry()
    preferences: PreferenceEntry = PreferenceEntry()
    chances: ChanceEntry = ChanceEntry()
    figures: dict[str, FigureEntry] = Field(default_factory=dict)
    outcomes: dict[str, OutcomeEntry] = Field(default_factory=dict)
    done: tuple[StepEntry, ...] = ()

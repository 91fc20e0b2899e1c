"""What a shop can set: every setting declared once, from which the form, the file, its checks and its page in the docs derive."""

from collections.abc import Callable, Iterator, Mapping
from enum import Enum
from functools import cache
from typing import Any

from msgspec import Struct, field

from daruma.core.language import tr, word
from daruma.core.parts import Function
from daruma.core.plan.kit import Kit
from daruma.core.plan.money import WORTH, Aim, Preferences

LONGEST = 200  # characters of a line
MOST_LINES = 6
MOST_WORTH = 100_000.0
STANDIN = "stand-in"  # what is named in place of a port for a simulated device


LABELS = {
    "62x29": tr("62 x 29 mm"),
    "50x25": tr("50 x 25 mm"),
    "40x20": tr("40 x 20 mm"),
    "70x37": tr("A4 sheet, 24 of 70 x 37 mm"),
}


WEIGHED = ("bench", "planner", "worth")  # tables of settings that the planner weighs


class Form(Enum):
    """Say how a setting is entered."""

    LINE = "one line of text"
    LINES = "lines of text"
    NUMBER = "a number"
    CHOICE = "one of several"
    SWITCH = "true or false"
    WORDS = "a list of words"


class SettingFault(ValueError):
    """Say why a value cannot be a setting's."""


class Setting(Struct, frozen=True):
    """Declare one setting; `key` is its table and name in the file, `without` what does not work where it is not set.

    `function` is the function that it is about: its words are then completed by the catalogue's label.
    """

    key: str
    words: str
    form: Form
    default: Any
    why: str = ""
    least: float = 0.0
    most: float = 0.0
    unit: str = ""
    choices: Mapping[str, str] = field(default_factory=dict)
    function: Function | None = None

    @property
    def table(self) -> str:
        """Return the table of the file that it stands in."""
        return self.key.partition(".")[0]

    @property
    def name(self) -> str:
        """Return its name in that table."""
        return self.key.partition(".")[2]

    @property
    def limits(self) -> str:
        """Return in words what its values may be."""
        match self.form:
            case Form.NUMBER:
                return tr("{least:g} to {most:g} {unit}", least=self.least, most=self.most, unit=self.unit).strip()
            case Form.CHOICE:
                return ", ".join(f'"{choice}"' for choice in self.choices)
            case form:
                return word(form)

    def checked(self, value: Any) -> Any:
        """Return a value as it is kept; raise SettingFault for one that cannot be the setting's."""
        return _CHECKS[self.form](self, value)


def _line(_: Setting, value: Any) -> str:
    if not isinstance(value, str) or "\n" in value:
        raise SettingFault(tr("it takes one line of text"))
    return _bounded(value)


def _lines(_: Setting, value: Any) -> str:
    if not isinstance(value, str):
        raise SettingFault(tr("it takes lines of text"))
    lines = [_bounded(line.strip()) for line in value.strip().splitlines()]
    if len(lines) > MOST_LINES:
        raise SettingFault(tr("it takes at most {most_lines} lines", most_lines=MOST_LINES))
    return "\n".join(lines)


def _bounded(text: str) -> str:
    if len(text) > LONGEST:
        raise SettingFault(tr("a line takes at most {longest} characters", longest=LONGEST))
    if not all(char.isprintable() for char in text):
        raise SettingFault(tr("it holds characters that cannot be shown"))
    return text.strip()


def _number(setting: Setting, value: Any) -> float:
    if isinstance(value, bool) or not isinstance(value, int | float):
        raise SettingFault(tr("it takes a number"))
    if not setting.least <= value <= setting.most:
        raise SettingFault(tr("it takes {limits}", limits=setting.limits))
    return float(value)


def _choice(setting: Setting, value: Any) -> str:
    if not isinstance(value, str) or value not in setting.choices:
        raise SettingFault(tr("it takes one of {limits}", limits=setting.limits))
    return value


def _switch(_: Setting, value: Any) -> bool:
    if not isinstance(value, bool):
        raise SettingFault(tr("it takes true or false"))
    return value


def _words(_: Setting, value: Any) -> tuple[str, ...]:
    if not isinstance(value, list | tuple | set | frozenset) or not all(isinstance(word, str) for word in value):
        raise SettingFault(tr("it takes a list of words"))
    return tuple(sorted({word for each in value if (word := _bounded(each))}))


_CHECKS: Mapping[Form, Callable[[Setting, Any], Any]] = {
    Form.LINE: _line,
    Form.LINES: _lines,
    Form.NUMBER: _number,
    Form.CHOICE: _choice,
    Form.SWITCH: _switch,
    Form.WORDS: _words,
}


class Group(Struct, frozen=True):
    """Hold the settings of one table, with what they are for and what does not work without them."""

    table: str
    title: str
    what: str
    without: str
    settings: tuple[Setting, ...]


def _shop() -> tuple[Setting, ...]:
    return (
        Setting("shop.name", tr("Name"), Form.LINE, "", tr("stands on every sheet and in the window's title")),
        Setting("shop.address", tr("Address"), Form.LINES, "", tr("stands on the customer's page and on the order")),
        Setting("shop.reach", tr("Telephone or e-mail"), Form.LINE, "", tr("where a customer asks")),
        Setting("shop.money", tr("Currency"), Form.LINE, "€", tr("stands behind every amount")),
        Setting(
            "shop.warranty",
            tr("Warranty on the work"),
            Form.NUMBER,
            6.0,
            tr("stands on the customer's page; what the law gives besides is not touched by it"),
            0,
            120,
            tr("months"),
        ),
        Setting(
            "shop.paper", tr("Paper"), Form.CHOICE, "a4", tr("of sheets and orders"), choices={"a4": "A4", "letter": tr("Letter")}
        ),
        Setting("shop.label", tr("Labels"), Form.CHOICE, "62x29", tr("for parts and jobs, in millimetres"), choices=LABELS),
    )


def _look() -> tuple[Setting, ...]:
    themes = {"paper": tr("Paper, by day"), "ink": tr("Ink, by night")}
    languages = {"system": tr("As the system has it"), "en": "English", "de": "Deutsch"}
    return (
        Setting("look.theme", tr("Look"), Form.CHOICE, "paper", tr("of the window when it opens"), choices=themes),
        Setting(
            "look.language",
            tr("Language"),
            Form.CHOICE,
            "system",
            tr("of window, papers and messages; counts from the next start"),
            choices=languages,
        ),
    )


def _setup() -> tuple[Setting, ...]:
    return (Setting("setup.skipped", tr("Skipped for now"), Form.WORDS, (), tr("steps of setting up that were left out")),)


def _places() -> tuple[Setting, ...]:
    why = tr("a folder on another disk or a share: it remembers how far the store has come; counts from the next start")
    return (Setting("places.second", tr("Second place"), Form.LINE, "", why),)


USB_METER, THERMOCOUPLE = "usb_meter", "thermocouple"  # these have a rig of their own: they go on while the bench works
DEVICES: Mapping[str, str] = {
    "programmer": tr("Programmer"),
    "phone": tr("Phone cable"),
    "colorimeter": tr("Colorimeter"),
    "supply": tr("Bench supply"),
    "station": tr("Cell station"),
    USB_METER: tr("Meter in the charging cable"),
    THERMOCOUPLE: tr("Thermocouple"),
}


def _devices() -> tuple[Setting, ...]:
    why = tr(
        'its port, as "serial:///dev/..." or "socket://host:port"; "{standin}" for a simulated one; empty where there is none',
        standin=STANDIN,
    )
    return tuple(Setting(f"devices.{kind}", words, Form.LINE, "", why) for kind, words in DEVICES.items())


def _bench() -> tuple[Setting, ...]:
    usual = Kit()
    switches = {
        "hot_air": (tr("Hot air station"), tr("lifts chips: the touch chip, the code memory on the board")),
        "grinder": (tr("Grinder"), tr("opens a shielded module")),
        "ear_adapter": (tr("Ear-speaker adapter"), tr("reads a sensor flex that no longer answers on its own socket")),
        "spare_flex": (tr("Spare flex cables"), tr("replace a worn flex and carry another part's data")),
        "network": (tr("Network at the bench"), tr("reaches the maker's service, which finishes and unbinds on the phone")),
        "welder": (tr("Spot welder"), tr("lets a cell or a pack's own board be changed")),
    }
    made = [Setting(f"bench.{key}", words, Form.SWITCH, getattr(usual, key), why) for key, (words, why) in switches.items()]
    sockets = tuple(sorted(usual.memory_sockets))
    why = tr("memory packages that the programmer has a socket for, as BGA110")
    return (*made, Setting("bench.memory_sockets", tr("Memory sockets"), Form.WORDS, sockets, why))


def _planner() -> tuple[Setting, ...]:
    usual = Preferences()
    aims = {
        Aim.BALANCE.value: tr("Money and time in balance"),
        Aim.FASTEST.value: tr("Fastest"),
        Aim.CHEAPEST.value: tr("Cheapest"),
    }
    amounts: Mapping[str, tuple[str, str, float]] = {
        "attended": (tr("An attended hour"), tr("what an hour with hands on the phone costs the shop"), 1000),
        "waiting": (tr("An hour of waiting"), tr("what an hour costs in which the phone works alone"), 1000),
        "board": (tr("A ruined board"), tr("what is paid where a phone's board is lost"), 5000),
        "board_heat": (tr("Heat on the board"), tr("what one heating counts for beyond its counted risks"), 1000),
        "write": (tr("A write"), tr("what one of the few writes of a part's life counts for"), 1000),
        "used": (tr("Marked as used"), tr("what it counts for that a part says for ever that it was used"), 1000),
    }
    money = [
        Setting(f"planner.{key}", words, Form.NUMBER, getattr(usual, key), why, 0, most, "money")
        for key, (words, why, most) in amounts.items()
    ]
    return (
        Setting(
            "planner.aim", tr("What comes first"), Form.CHOICE, usual.aim.value, tr("of ways that keep the same"), choices=aims
        ),
        Setting("planner.no_board_heat", tr("Never heat a board"), Form.SWITCH, False, tr("closes every way that does")),
        Setting("planner.no_soldering", tr("Never solder"), Form.SWITCH, False, tr("closes every way that does")),
        *money,
        Setting(
            "planner.tolerance_de",
            tr("White and greys may be off"),
            Form.NUMBER,
            usual.tolerance_de,
            tr("colour difference (dE00) of a display that passes"),
            0.3,
            10,
            "dE00",
        ),
    )


def _worth() -> tuple[Setting, ...]:
    return tuple(
        Setting(f"worth.{function.value}", "", Form.NUMBER, worth, "", 0, MOST_WORTH, "money", function=function)
        for function, worth in WORTH.items()
    )


@cache
def groups() -> tuple[Group, ...]:
    """Return every group of settings, in the order in which a shop is set up."""
    return (
        Group(
            "shop",
            tr("The shop"),
            tr("What stands on sheets, labels and orders."),
            tr("Sheets carry no name and no address."),
            _shop(),
        ),
        Group(
            "places",
            tr("Second place"),
            tr("Where backups are remembered outside this machine."),
            tr("If this disk dies, the backups of your customers' parts die with it."),
            _places(),
        ),
        Group(
            "devices",
            tr("Devices"),
            tr("Which device answers on which port."),
            tr("Nothing can be read or written; phones and parts can be written down by hand."),
            _devices(),
        ),
        Group(
            "bench",
            tr("Tools of the bench"),
            tr("What the bench owns: each tool opens ways; what is not here closes them, with that as the reason."),
            tr("The planner counts on a full bench and may propose what you cannot do."),
            _bench(),
        ),
        Group(
            "planner",
            tr("Rates and wishes"),
            tr("What time, heat, writes and ruined parts count for."),
            tr("The planner weighs ways by usual rates."),
            _planner(),
        ),
        Group(
            "worth",
            tr("Worth of functions"),
            tr("What a kept promise is worth; it decides what is worth a risk."),
            tr("The planner takes usual figures."),
            _worth(),
        ),
        Group("look", tr("The window"), tr("How it looks when it opens."), tr("It opens by day."), _look()),
    )


@cache
def declared() -> Mapping[str, Setting]:
    """Return every setting by its key."""
    return {setting.key: setting for settings in (*(group.settings for group in groups()), _setup()) for setting in settings}


class Settings(Struct, frozen=True):
    """Hold what a shop has set; what it has not is as declared."""

    values: Mapping[str, Any] = field(default_factory=dict)

    def __getitem__(self, key: str) -> Any:
        """Return a setting's value; raise KeyError where none is declared."""
        return self.values[key] if key in self.values else declared()[key].default

    def having(self, changes: Mapping[str, Any]) -> "Settings":
        """Return the settings with others in place of some; raise SettingFault for a value that cannot be."""
        return Settings({**self.values, **{key: declared()[key].checked(value) for key, value in changes.items()}})

    def is_set(self, table: str) -> bool:
        """Return whether the shop has set anything of a table."""
        return any(declared()[key].table == table for key in self.values)

    def is_open(self, table: str) -> bool:
        """Return whether a step of setting up was neither done nor skipped."""
        return not self.is_set(table) and table not in self["setup.skipped"]

    @property
    def wires(self) -> Mapping[str, str]:
        """Return the ports of the devices that there are, by their kind."""
        return {kind: self[f"devices.{kind}"] for kind in DEVICES if self[f"devices.{kind}"]}

    @property
    def kit(self) -> Kit:
        """Return what the bench owns."""
        sockets = frozenset(self["bench.memory_sockets"])
        return Kit(**{s.name: self[s.key] for s in _bench() if s.form is Form.SWITCH}, memory_sockets=sockets)

    @property
    def preferences(self) -> Preferences:
        """Return what the shop rules out and weighs."""
        plain = {s.name: self[s.key] for s in _planner() if s.name != "aim"}
        worth = {s.function: self[s.key] for s in _worth() if s.function is not None}
        return Preferences(aim=Aim(self["planner.aim"]), worth=worth, **plain)

    def preferring(self, preferences: Preferences) -> "Settings":
        """Return the settings with other preferences."""
        return self.having({key: value for key, value in _of_preferences(preferences) if value != self[key]})


def _of_preferences(preferences: Preferences) -> Iterator[tuple[str, Any]]:
    yield "planner.aim", preferences.aim.value
    for setting in _planner():
        if setting.name != "aim":
            yield setting.key, getattr(preferences, setting.name)
    for setting in _worth():
        if setting.function is not None:
            yield setting.key, preferences.worth_of(setting.function)

"""What hands do with panels and their touch chips."""

from daruma.standin.errors import No
from daruma.standin.kinds.display.panel import KIND, Panel
from daruma.standin.kinds.room import Hand
from daruma.standin.world import Phone, World


def _original(hand: Hand) -> Panel:
    return hand.world.home(hand.phone, Panel)


def _new(hand: Hand) -> Panel:
    panel = hand.world.of(Panel).get(hand.new_die(KIND))
    if panel is None:
        raise No("no", "there is no such new panel on the bench")
    return panel


def _in_hand(hand: Hand) -> Panel:
    """Return the panel that goes in: the original where no new one is in hand."""
    return hand.world.of(Panel).get(hand.new_die(KIND)) or _original(hand)


def _take_out_original(hand: Hand) -> None:
    if hand.phone.fitted.get(KIND.value) == _original(hand).die:
        hand.phone.fit(KIND, None)


def _take_out_new(hand: Hand) -> None:
    hand.phone.fit(KIND, None)


def _put_in(hand: Hand) -> None:
    panel = _in_hand(hand)
    hand.must_be_free(panel)
    hand.phone.fit(KIND, panel.die)


def _trust_again(hand: Hand) -> None:
    panel = hand.world.fitted(hand.phone, Panel)
    if panel is None or panel.chip is None:
        raise No("no", "the screen does not answer to a finger")
    hand.phone.asked = hand.phone.trusted = True


def _original_on_socket(hand: Hand) -> None:
    hand.plug(hand.model.socket, _original(hand))


def _new_on_socket(hand: Hand) -> None:
    hand.plug(hand.model.socket, _new(hand))


def _lift_chip(hand: Hand) -> None:
    original = _original(hand)
    if original.die in hand.world.sockets.values():
        hand.clear_sockets()
    if original.chip is not None:
        hand.world.loose_chip, original.chip = original.chip, None


def _clear_chip(hand: Hand) -> None:
    new = _new(hand)
    hand.must_be_free(new)
    new.chip = None


def _solder_chip(hand: Hand) -> None:
    new, world = _new(hand), hand.world
    hand.must_be_free(new)
    if new.chip is not None and world.loose_chip is not None:
        raise No("no", "a chip is in the way")
    if world.loose_chip is not None:
        new.chip, world.loose_chip = world.loose_chip, None
        new.chip_genuine = True


HANDS = {
    "take_out_original": _take_out_original,
    "take_out_new": _take_out_new,
    "fit_new": _put_in,
    "connect_new": _put_in,
    "trust_again": _trust_again,
    "original_on_socket": _original_on_socket,
    "new_on_socket": _new_on_socket,
    "lift_chip": _lift_chip,
    "clear_new_chip": _clear_chip,
    "solder_chip": _solder_chip,
}


def _lose_chip(hand: Hand) -> None:
    _original(hand).chip = None


def _lose_loose_chip(hand: Hand) -> None:
    hand.world.loose_chip = None


def _break_new(hand: Hand) -> None:
    new = hand.world.of(Panel).get(hand.new_die(KIND))
    if new is not None:
        new.chip, new.answers, new.memory = None, False, "ff" * (len(new.memory) // 2)


SLIPS = {"lift_chip": _lose_chip, "solder_chip": _lose_loose_chip, "clear_new_chip": _break_new, "fit_new": _break_new}


def starts(_: World, phone: Phone) -> str:
    """Return why a phone does not start."""
    return "" if phone.fitted.get(KIND.value) else "no display is fitted"

"""Commands for the copies of the store: make, list, verify, compare, restore."""

import sys
from datetime import datetime
from typing import TYPE_CHECKING

import click

from daruma.cli_common import Place, end_with, shop_of
from daruma.core.errors import Trouble
from daruma.core.language import tr
from daruma.saying import say

if TYPE_CHECKING:
    from daruma.store.copies import Carried


@click.group()
def copies() -> None:
    """Copies of the store: make, list, verify, restore."""


@copies.command("make")
@click.pass_obj
def copies_make(place: Place) -> None:
    """Copy the store, verify the copy, and let old copies go."""
    from daruma.store.copies import make_copy, rotate

    now = datetime.now().astimezone()
    with shop_of(place) as shop:
        say(make_copy(shop.database, now).file)
        for gone in rotate(shop.database, now.date()):
            say(tr("let go: {gone}", gone=gone.name))


@copies.command("list")
@click.pass_obj
def copies_list(place: Place) -> None:
    """List the copies, newest first."""
    from daruma.store.copies import copies_of

    for copy in copies_of(place.data):
        say(tr("{copy}  {made:%Y-%m-%d %H:%M}  {size:.1f} MB", copy=copy.name, made=copy.made, size=copy.size / 1000000.0))


@copies.command("verify")
@click.argument("name")
@click.pass_obj
def copies_verify(place: Place, name: str) -> None:
    """Verify a copy."""
    from daruma.store.copies import copy_named, faults_of

    try:
        faults = faults_of(copy_named(place.data, name).file)
    except Trouble as trouble:
        end_with(trouble)
        return
    for fault in faults:
        say(f"{fault.name}: {fault.what}")
    say(tr("{name}: {count_faults} faults.", name=name, count_faults=len(faults)))
    sys.exit(1 if faults else 0)


@copies.command("restore")
@click.argument("name")
@click.pass_obj
def copies_restore(place: Place, name: str) -> None:
    """Put a copy in the store's place; what came after it is carried over, the replaced store is kept."""
    from daruma.store.copies import copy_named, restore

    try:
        done = restore(place.data, copy_named(place.data, name), datetime.now().astimezone(), place.second)
    except Trouble as trouble:
        end_with(trouble)
        return
    say(tr("{name} is restored. Carried over: {carried}.", name=name, carried=done.carried.words))
    _say_carried(done.carried)
    say(tr("The replaced store is in {replaced}", replaced=done.replaced))


def _say_carried(carried: "Carried") -> None:
    for line in carried.differs:
        say(tr("differs: {line}", line=line))
    for line in carried.lost:
        say(tr("lost: {line}", line=line))


@copies.command("compare")
@click.argument("name")
@click.pass_obj
def copies_compare(place: Place, name: str) -> None:
    """Say what a restore of a copy would carry over and what differs; nothing is changed."""
    from daruma.store.copies import compare, copy_named

    try:
        carried = compare(place.data, copy_named(place.data, name), place.second)
    except Trouble as trouble:
        end_with(trouble)
        return
    say(tr("A restore of {name} would carry over: {carried}.", name=name, carried=carried.words))
    _say_carried(carried)


@copies.command("accept")
@click.pass_obj
def copies_accept(place: Place) -> None:
    """Take the store as it is after a loss: what is missing is said no longer; counts of writes stay."""
    with shop_of(place) as shop:
        shop.database.accept_losses()
    say("Accepted.")

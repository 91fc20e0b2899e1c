"""The command line: the shop's own data, the demo, the vault."""

import logging
import os
import sys
import tomllib
from collections.abc import Iterator
from contextlib import contextmanager
from datetime import datetime, timedelta
from pathlib import Path
from typing import TYPE_CHECKING

import click
from platformdirs import PlatformDirs

from daruma import __version__
from daruma.core.errors import Trouble

if TYPE_CHECKING:
    from daruma.store.shop import Shop

DIRS = PlatformDirs("daruma", appauthor=False)
DEMO_SHOP = "Lantern Quay Phones, Port Ellery"


def _die(trouble: Trouble) -> None:
    for part in (trouble.what, trouble.safe, trouble.advice):
        if part:
            click.echo(f"daruma: {part}", err=True)
    sys.exit(1)


@click.group(invoke_without_command=True)
@click.version_option(__version__, prog_name="daruma")
@click.option("--data", type=click.Path(path_type=Path, file_okay=False), default=None, help="Data folder of the shop.")
@click.option("-v", "--verbose", is_flag=True, help="Log every exchange with the devices.")
@click.pass_context
def main(context: click.Context, data: Path | None, verbose: bool) -> None:
    """Move, guard and prove the part data of repaired phones.

    Without a command, opens the shop's own data.
    """
    os.umask(0o077)  # serials and IMEIs are personal data: whatever is written is the user's alone
    logging.basicConfig(level=logging.DEBUG if verbose else logging.WARNING, format="%(asctime)s %(name)s: %(message)s")
    context.obj = data or Path(DIRS.user_data_dir)
    if context.invoked_subcommand is None:
        sys.exit(_open_shop(context.obj))


def _open_shop(data: Path) -> int:
    from daruma.app import Setup, run

    config = Path(DIRS.user_config_dir)
    wires, name = read_settings(config / "bench.toml")
    return run(Setup(data, name, wires, models=config / "models", cache=Path(DIRS.user_cache_dir)))


def read_settings(path: Path) -> tuple[dict[str, str], str]:
    """Return the wires by device and the shop's name from bench.toml; nothing is set where it is missing."""
    if not path.exists():
        return {}, "your shop"
    try:
        raw = tomllib.loads(path.read_text(encoding="utf-8"))
        wires = {str(kind): str(url) for kind, url in raw.get("wires", {}).items()}
    except (OSError, UnicodeDecodeError, tomllib.TOMLDecodeError, AttributeError) as error:
        _die(Trouble(f"{path} cannot be used: {error}.", safe="Nothing was changed.", advice="Correct the file."))
        raise AssertionError from error
    return wires, str(raw.get("shop", "your shop"))


@main.command()
@click.option("--fresh", is_flag=True, help="Start the demo over.")
@click.option("--folder", type=click.Path(path_type=Path, file_okay=False), default=None, help="Data folder of the demo.")
def demo(fresh: bool, folder: Path | None) -> None:
    """Open the demo: an invented shop with a simulated bench."""
    from daruma.app import Setup, run

    data = folder or Path(DIRS.user_data_dir + "-demo")
    sys.exit(run(Setup(data, DEMO_SHOP, {}, cache=Path(DIRS.user_cache_dir), demo=True, fresh=fresh)))


@main.command()
@click.argument("case", type=click.Path(path_type=Path, dir_okay=False))
@click.option("--json", "as_json", is_flag=True, help="Answer as JSON.")
def plan(case: Path, as_json: bool) -> None:
    """Plan a case file: ways, closed ways, the best next step."""
    import json

    from daruma.catalogue.loader import load_catalogue
    from daruma.core.plan.knowing import worth_knowing
    from daruma.core.plan.planner import make_plan
    from daruma.handover.casefile import answer, case_from, read_case
    from daruma.handover.plantext import plan_text

    try:
        catalogue = load_catalogue(Path(DIRS.user_config_dir) / "models", Path(DIRS.user_cache_dir))
        asked, figures = case_from(read_case(case), catalogue, case.name)
    except Trouble as trouble:
        _die(trouble)
        return
    made, worth = make_plan(asked, figures), worth_knowing(asked, figures)
    if as_json:
        click.echo(json.dumps(answer(asked, made, worth), indent=2))
    else:
        click.echo(plan_text(asked, made, worth, catalogue.function_labels), nl=False)


@main.command("case-schema")
def case_schema() -> None:
    """Print the JSON Schema of case files."""
    from daruma.handover.casefile import schema

    click.echo(schema(), nl=False)


@contextmanager
def _shop(data: Path) -> "Iterator[Shop]":
    """Open the store for one command; say trouble in its three parts and end."""
    from daruma.store.shop import Shop

    try:
        with Shop(data) as shop:
            yield shop
    except Trouble as trouble:
        _die(trouble)


def plain(text: str) -> str:
    """Return a text without control characters: what was imported must not steer a terminal."""
    return "".join(character if character.isprintable() else "\ufffd" for character in text)


@main.group()
def copies() -> None:
    """Copies of the store: make, list, verify, restore."""


@copies.command("make")
@click.pass_obj
def copies_make(data: Path) -> None:
    """Copy the store, verify the copy, and let old copies go."""
    from daruma.store.copies import make_copy, rotate

    now = datetime.now().astimezone()
    with _shop(data) as shop:
        click.echo(make_copy(shop.database, now).file)
        for gone in rotate(data, now.date()):
            click.echo(f"let go: {gone.name}")


@copies.command("list")
@click.pass_obj
def copies_list(data: Path) -> None:
    """List the copies, newest first."""
    from daruma.store.copies import copies_of

    for copy in copies_of(data):
        click.echo(f"{copy.name}  {copy.made:%Y-%m-%d %H:%M}  {copy.size / 1e6:.1f} MB")


@copies.command("verify")
@click.argument("name")
@click.pass_obj
def copies_verify(data: Path, name: str) -> None:
    """Verify a copy."""
    from daruma.store.copies import copy_named, faults_of

    try:
        faults = faults_of(copy_named(data, name).file)
    except Trouble as trouble:
        _die(trouble)
        return
    for fault in faults:
        click.echo(f"{fault.name}: {fault.what}")
    click.echo(f"{name}: {len(faults)} faults.")
    sys.exit(1 if faults else 0)


@copies.command("restore")
@click.argument("name")
@click.pass_obj
def copies_restore(data: Path, name: str) -> None:
    """Put a copy in the store's place; what came after it is carried over, the replaced store is kept."""
    from daruma.store.copies import copy_named, restore

    try:
        done = restore(data, copy_named(data, name), datetime.now().astimezone())
    except Trouble as trouble:
        _die(trouble)
        return
    click.echo(f"{name} is restored. Carried over: {done.backups} backups, {done.acts} acts, {done.jobs} jobs.")
    click.echo(f"The replaced store is in {done.replaced}")


@main.command()
@click.pass_obj
def doubts(data: Path) -> None:
    """List the acts that were never settled, with what to do."""
    from daruma.core.acts import what, where

    with _shop(data) as shop:
        found = shop.journal.left_in_doubt()
    for act in found:
        click.echo(
            plain(f"act {act.number}, {act.job}, {act.started[:16]}: {what(act)}. {where(act)}, then settle it at the bench.")
        )
    click.echo(f"{len(found)} acts in doubt.")
    sys.exit(1 if found else 0)


@main.command()
@click.argument("file", type=click.Path(path_type=Path, dir_okay=False))
@click.pass_obj
def journal(data: Path, file: Path) -> None:
    """Write the whole journal as CSV."""
    from daruma.handover.tables import write_journal

    with _shop(data) as shop:
        write_journal(shop.journal, file)
    click.echo(file)


@main.command()
@click.argument("days", type=click.IntRange(min=1))
@click.option("--yes", is_flag=True, help="Purge; without it only what would be purged is listed.")
@click.pass_obj
def purge(data: Path, days: int, yes: bool) -> None:
    """Purge the identifiers of jobs that were closed more than DAYS ago, for good."""
    from daruma.store import retention

    now = datetime.now().astimezone()
    before = (now - timedelta(days=days)).date().isoformat()
    with _shop(data) as shop:
        found = retention.purge(shop.database, before, now.isoformat()) if yes else retention.due(shop.database, before)
    click.echo(f"jobs: {', '.join(found.jobs) or 'none'}")
    click.echo(f"backups: {', '.join(found.backups) or 'none'}")
    click.echo("Purged." if yes else "Nothing was changed. Add --yes to purge.")


@main.group()
def vault() -> None:
    """Check, list, export and import backups."""


@vault.command("check")
@click.pass_obj
def vault_check(data: Path) -> None:
    """Verify every byte of every backup and the chain."""
    with _shop(data) as shop:
        total = max(1, shop.vault.count())
        with click.progressbar(length=total, label="checking", file=sys.stderr, hidden=not sys.stderr.isatty()) as bar:
            seen, faults = shop.vault.check(lambda done: bar.update(done - bar.pos), whole_store=True)
    for fault in faults:
        click.echo(f"{fault.name}: {fault.what}")
    click.echo(f"{seen} backups checked, {len(faults)} faults.")
    sys.exit(1 if faults else 0)


@vault.command("list")
@click.argument("words", nargs=-1)
@click.pass_obj
def vault_list(data: Path, words: tuple[str, ...]) -> None:
    """List backups whose texts hold every word."""
    with _shop(data) as shop:
        for backup in shop.vault.find(" ".join(words)):
            content = backup.content
            place = f"{content.model:10} {content.imei:16} {content.die}"
            click.echo(plain(f"{backup.name}  {content.taken[:16]}  {place}  {backup.sha256[:12]}"))


@vault.command("export")
@click.argument("name")
@click.argument("folder", type=click.Path(path_type=Path, file_okay=False))
@click.pass_obj
def vault_export(data: Path, name: str, folder: Path) -> None:
    """Write a backup as JSON, Intel HEX and raw binary, with their checksums."""
    from daruma.handover.exchange import export

    with _shop(data) as shop:
        for path in export(shop.vault.get(name), folder):
            click.echo(path)


@vault.command("import")
@click.argument("file", type=click.Path(path_type=Path, dir_okay=False))
@click.pass_obj
def vault_import(data: Path, file: Path) -> None:
    """Take a backup's JSON file into the vault."""
    from daruma.handover.exchange import read_file

    with _shop(data) as shop:
        click.echo(f"{plain(file.name)} is {shop.vault.keep(read_file(file)).name}")


@vault.command("schema")
def vault_schema() -> None:
    """Print the JSON Schema of backup files."""
    from daruma.handover.exchange import schema

    click.echo(schema(), nl=False)

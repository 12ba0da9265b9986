"""Assets: the office's PCs, and what each is known by."""

from __future__ import annotations

import json
from dataclasses import dataclass

from peewee import IntegrityError

from yes_tally.core.expecting.applies import Place
from yes_tally.core.settling.facts import FactBook
from yes_tally.records.models import Asset
from yes_tally.records.store import NotThere, Refused, now, writing
from yes_tally.records.traces import keep_asset


@dataclass(frozen=True, slots=True)
class NewAsset:
    """What a person tells of a PC that was not met before."""

    tag: str
    role: str = ""
    site: str = ""
    room: str = ""
    desk: str = ""
    host: str = ""


def get_asset(number: int) -> Asset:
    """The asset of that id. Raises ``NotThere``."""
    asset = Asset.get_or_none(Asset.id == number)
    if asset is None:
        raise NotThere(f"there is no asset {number}")
    return asset


def add_asset(new: NewAsset) -> Asset:
    """Add an asset. Raises ``Refused`` for an empty tag or one in use."""
    if not new.tag.strip():
        raise Refused("a new asset needs its tag")
    try:
        with writing():
            asset = Asset.create(
                tag=new.tag.strip(),
                host=new.host,
                role=new.role,
                site=new.site,
                room=new.room,
                desk=new.desk,
                created_at=now(),
            )
            keep_asset(asset)
            return asset
    except IntegrityError as error:
        raise Refused(f"the tag “{new.tag}” belongs to another asset") from error


def place_of(asset: Asset) -> Place:
    """What a spec can be addressed by."""
    return Place(role=asset.role, site=asset.site, form=asset.form, tag=asset.tag)


def learn_identity(asset: Asset, book: FactBook) -> None:
    """Keep what a sealed visit says of who the asset is, where it was not known before; MACs are replaced."""
    for column, name in (
        ("host", "host.name"),
        ("serial", "machine.serial"),
        ("uuid", "machine.uuid"),
        ("board", "board.serial"),
        ("form", "machine.form"),
    ):
        fact = book.single(name)
        if fact and not fact.disputed and not getattr(asset, column):
            setattr(asset, column, str(fact.value.value))
    macs = [
        str(fields["mac"].value.value)
        for fields in book.items("adapter").values()
        if "mac" in fields and not ("kind" in fields and fields["kind"].value.value in ("virtual", "loopback"))
    ]
    if macs:
        asset.macs = json.dumps(sorted(set(macs)))
    asset.save()
    keep_asset(asset)

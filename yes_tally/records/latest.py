"""Every asset's latest sealed visit: what the office looks like as far as it is known."""

from __future__ import annotations

from peewee import fn

from yes_tally.records.models import Visit


def latest_sealed() -> list[Visit]:
    """The latest sealed visit of every asset that has one, in the assets' order; id, asset and when it was taken."""
    return list(
        Visit.select(Visit.id, Visit.asset, fn.MAX(Visit.taken_at).alias("taken_at"))
        .where(Visit.state == "sealed")
        .group_by(Visit.asset)
        .order_by(Visit.asset)
    )

"""How the made-up commands write numbers, dates and yes or no."""

from __future__ import annotations

from collections.abc import Callable
from datetime import datetime
from typing import Any

KIB, MIB, GIB = 2**10, 2**20, 2**30


def gigabytes(value: int) -> str:
    """``16 GB``, of 2^30."""
    return f"{value // GIB} GB"


def grouped_megabytes(value: int) -> str:
    """``16,211 MB``, of 2^20."""
    return f"{value // MIB:,} MB"


def megabytes(value: int) -> str:
    return f"{value // MIB} MB"


def gibibytes(value: int) -> str:
    return f"{value / GIB:.1f} GiB"


def kilobytes(value: int) -> str:
    return f"{value // KIB} KB"


def comma_gigabytes(value: int) -> str:
    """``476,8 GiB``: a comma before the decimals."""
    return f"{value / GIB:.1f} GiB".replace(".", ",")


def gigahertz(value: int) -> str:
    return f"{value / 1e9:.2f} GHz"


def megahertz(value: int) -> str:
    return f"{value // 10**6} MHz"


def milliseconds(value: float) -> str:
    return f"{value * 1000:.1f} ms"


def day(value: Any) -> str:
    return f"{value:%Y-%m-%d}" if isinstance(value, datetime) else str(value)


def minute(value: Any) -> str:
    return f"{value:%Y-%m-%d %H:%M}" if isinstance(value, datetime) else str(value)


def german_day(value: datetime) -> str:
    return f"{value:%d.%m.%Y}"


def german_minute(value: datetime) -> str:
    return f"{value:%d.%m.%Y %H:%M}"


def southern_minute(value: datetime) -> str:
    return f"{value:%d/%m/%Y %H:%M}"


def either(yes: str, no: str) -> Callable[[bool], str]:
    """Two words for a flag."""
    return lambda value: yes if value else no


yes_no = either("yes", "no")
on_off = either("on", "off")


def listed(values: tuple[str, ...]) -> str:
    return ", ".join(values)

"""Handing a report in to a Yes Tally server, by HTTP."""

from __future__ import annotations

import httpx


class HandInFailed(Exception):
    """The server did not take the report; the text says why and what to do. The report is still the sender's."""


def hand_in(report: str, url: str, token: str, timeout: float = 30.0) -> str:
    """Hand a report in with a collector's token; returns what the server says of it. Raises ``HandInFailed``."""
    try:
        answer = httpx.post(
            f"{url.rstrip('/')}/api/hand-in",
            content=report.encode(),
            headers={"Authorization": f"Bearer {token}", "Content-Type": "text/plain; charset=utf-8"},
            timeout=timeout,
        )
    except (httpx.HTTPError, httpx.InvalidURL) as error:
        raise HandInFailed(f"{url} did not answer: {error}") from error
    try:
        said = answer.json()
    except ValueError:
        said = {}
    if answer.status_code != 201:
        raise HandInFailed(f"{url} refused the report: {said.get('detail') or answer.reason_phrase}")
    return str(said.get("said", "taken in"))

"""Live news over server-sent events (WHATWG HTML, section 9.2): which topics changed, for pages to ask again."""

from __future__ import annotations

from collections.abc import AsyncIterator

from fastapi import APIRouter
from sse_starlette import EventSourceResponse

from yes_tally.server.live import news
from yes_tally.server.problems import RESPONSES
from yes_tally.server.who import Reader

router = APIRouter(prefix="/api", tags=["live"], responses=RESPONSES)


@router.get("/news", operation_id="news", response_class=EventSourceResponse)
async def the_news(_: Reader) -> EventSourceResponse:
    """Topics as they change: ``tray`` for the Bench, ``run 7`` for a run, ``reading`` for reports read again, ``phrases`` for
    the phrasebook."""

    async def events() -> AsyncIterator[dict[str, str]]:
        async for topics in news.topics():
            for topic in topics:
                yield {"data": topic}

    return EventSourceResponse(events(), ping=20)

"""Live news: what changed, told to every open page. A page that missed something asks again; nothing is kept here."""

from __future__ import annotations

import asyncio
from collections.abc import AsyncIterator, Iterator
from contextlib import contextmanager, suppress

_ROOM = 256


class News:
    """Topics that changed (``tray``, ``run 7``), from any thread to the pages that listen."""

    def __init__(self) -> None:
        self._loop: asyncio.AbstractEventLoop | None = None
        self._listeners: set[asyncio.Queue[str]] = set()

    def attach(self, loop: asyncio.AbstractEventLoop) -> None:
        """The loop that the pages are served from."""
        self._loop = loop

    def tell(self, topic: str) -> None:
        """Say that something changed; safe from any thread, and free when nobody listens."""
        loop = self._loop
        if loop is not None and not loop.is_closed():
            with suppress(RuntimeError):
                loop.call_soon_threadsafe(self._spread, topic)

    def _spread(self, topic: str) -> None:
        for queue in self._listeners:
            if not queue.full():
                queue.put_nowait(topic)

    @contextmanager
    def _listening(self) -> Iterator[asyncio.Queue[str]]:
        queue: asyncio.Queue[str] = asyncio.Queue(_ROOM)
        self._listeners.add(queue)
        try:
            yield queue
        finally:
            self._listeners.discard(queue)

    async def topics(self, pause: float = 0.25) -> AsyncIterator[list[str]]:
        """What changed, gathered over ``pause`` seconds, each topic once."""
        with self._listening() as queue:
            while True:
                topics = {await queue.get()}
                await asyncio.sleep(pause)
                while not queue.empty():
                    topics.add(queue.get_nowait())
                yield sorted(topics)


news = News()

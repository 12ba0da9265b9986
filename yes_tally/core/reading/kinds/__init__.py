"""What only one kind of thing has: drives, memory sockets, events, updates, checks of health, look-ups."""

<?php

declare(strict_types=1);

namespace App\Access;

/** The roles of people who sign in. Whoever is booked and does not is visiting, and has none of these. */
enum Role: string
{
    case Owner = 'owner';
    case Manager = 'manager';
    case Desk = 'desk';
    case Staff = 'staff';
    case Bookkeeper = 'bookkeeper';

    public function may(Act $act): bool
    {
        return match ($this) {
            self::Owner, self::Manager => true,
            self::Desk => in_array($act, [Act::SeeOwnDay, Act::SeeBoard, Act::ChangeBookings, Act::SeeSetup], true),
            self::Staff => in_array(
                $act,
                [Act::SeeOwnDay, Act::SeeSetup, Act::ChangeOwnHours],
                true,
            ), // own hours: where their person says so
            self::Bookkeeper => in_array($act, [Act::SeeOwnDay, Act::SeeBoard, Act::SeeSetup], true),
        };
    }

    /** A manager does everything but make, change or remove owners. */
    public function mayManage(self $other): bool
    {
        return $this === self::Owner || ($this === self::Manager && $other !== self::Owner);
    }

    public function words(): string
    {
        return match ($this) {
            self::Owner => 'Does everything, and says who else may sign in.',
            self::Manager => 'Does everything an owner does, but cannot make or remove owners.',
            self::Desk => 'Sees the whole Board; answers requests, moves and cancels bookings. Sees the set-up, '
                .'changes nothing of it.',
            self::Staff => 'Sees their own day. Changes their own hours and time off where this is allowed below.',
            self::Bookkeeper => 'Sees everything, changes nothing.',
        };
    }
}

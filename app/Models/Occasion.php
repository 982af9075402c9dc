<?php

declare(strict_types=1);

namespace App\Models;

/** What an entry of the outbox is written for. */
enum Occasion: string
{
    case Booked = 'booked';
    case Prove = 'prove';
    case Pending = 'pending';
    case Declined = 'declined';
    case Suggested = 'suggested';
    case Moved = 'moved';
    /** Its party, its answers or its note, by the client. */
    case Changed = 'changed';
    case Word = 'word';
    /** The way back to a booking whose link was too old. */
    case LinkAgain = 'link_again';
    /** The way to the client's own page. */
    case OwnPage = 'own_page';
    case Cancelled = 'cancelled';
    case Reminder = 'reminder';
    /** Not started in time. */
    case Late = 'late';
    /** A request, whose answer is soon due. */
    case Unanswered = 'unanswered';
    case PaidTooLate = 'paid_too_late';
    /** Paid late, and the code it was held with is used up. */
    case CodeGone = 'code_gone';
    /** A payment that was not needed any more: it goes back. */
    case SentBack = 'sent_back';
    /** The house has refunded some of what was paid. */
    case Refund = 'refund';
    /** They did not come, and money of theirs moves. */
    case NoShow = 'no_show';
    /** What was left open of its price is settled. */
    case Priced = 'priced';
    /** It costs less since its client comes more often. */
    case Cheaper = 'cheaper';
    /** It was cancelled, and is not. */
    case Restored = 'restored';

    /** Of a sale, when somebody at the desk sends it. */
    case PayLink = 'pay_link';
    case Receipt = 'receipt';
    case Invoice = 'invoice';

    case Refunded = 'refunded';
    case Charged = 'charged';

    case Invitation = 'invitation';
    case SignUp = 'sign_up';
    case Known = 'known';
    case Verify = 'verify';
    case Password = 'password';

    /** When a booking is, or whether it is at all: once that has changed, it is told anew. */
    public const ABOUT_THE_TIME = [
        self::Booked,
        self::Prove,
        self::Pending,
        self::Declined,
        self::Suggested,
        self::Moved,
        self::Changed,
        self::Cancelled,
        self::Reminder,
        self::Late,
        self::Unanswered,
        self::NoShow,
        self::Restored,
    ];

    /** What only the client is told. */
    public const FOR_CLIENT_ALONE = [
        self::PaidTooLate,
        self::CodeGone,
        self::NoShow,
        self::Priced,
        self::Cheaper,
        self::Declined,
        self::Prove,
        self::LinkAgain,
    ];
}

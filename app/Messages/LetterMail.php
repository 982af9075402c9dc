<?php

declare(strict_types=1);

namespace App\Messages;

use Symfony\Component\Mime\Address;
use Symfony\Component\Mime\Email;
use Symfony\Component\Mime\Part\DataPart;

/** A letter as it goes over the wire (RFC 5322), whatever carries it. */
final class LetterMail
{
    /** @param  string  $from the address that mail is sent from */
    public static function of(Letter $letter, string $from): Email
    {
        $mail = (new Email())
            ->from(new Address($from, $letter->fromName))
            ->to($letter->to)
            ->subject($letter->subject)
            ->text($letter->text);
        if ($letter->replyTo !== '') {
            $mail->replyTo($letter->replyTo);
        }
        $domain = substr((string) strrchr($from, '@'), 1);
        $mail->getHeaders()->addIdHeader('Message-ID', hash('sha256', $letter->key)."@{$domain}");
        if ($letter->calendar !== null) {
            $mail->addPart(
                (new DataPart(
                    $letter->calendar,
                    'booking.ics',
                    "text/calendar; method={$letter->calendarMethod}",
                ))->asInline(),
            );
        }
        if ($letter->paper !== null) {
            $mail->attach($letter->paper, "{$letter->paperName}.pdf", 'application/pdf');
        }

        return $mail;
    }
}

<?php

declare(strict_types=1);

namespace App\Messages;

use Illuminate\Container\Attributes\Config;
use Illuminate\Mail\Mailer;
use Illuminate\Mail\MailManager;
use Symfony\Component\Mailer\Exception\TransportExceptionInterface;
use Symfony\Component\Mailer\Exception\UnexpectedResponseException;
use Symfony\Component\Mailer\Transport\Smtp\SmtpTransport;
use Symfony\Component\Mailer\Transport\TransportInterface;

/** Mail by SMTP, through the framework's mailer. A letter that is sent once more has the same Message-ID. */
final readonly class MailServer implements Post
{
    public function __construct(private MailManager $mail, #[Config('yardbell.mail_from')] private string $from)
    {
    }

    public function send(Letter $letter): void
    {
        try {
            $this->transport()->send(LetterMail::of($letter, $this->from));
        } catch (TransportExceptionInterface $wrong) {
            throw new PostFailed(self::said($wrong), self::isForGood($wrong));
        }
    }

    /**
     * Whether it can be reached, with the name and password that are set.
     *
     * @throws PostFailed
     */
    public function try(): void
    {
        $transport = $this->transport();
        try {
            if ($transport instanceof SmtpTransport) {
                $transport->start();
                $transport->stop();
            }
        } catch (TransportExceptionInterface $wrong) {
            throw new PostFailed(self::said($wrong));
        }
    }

    private function transport(): TransportInterface
    {
        $mailer = $this->mail->mailer('smtp');
        assert($mailer instanceof Mailer);

        return $mailer->getSymfonyTransport();
    }

    /** The address is refused, and will be the next time. */
    private static function isForGood(TransportExceptionInterface $wrong): bool
    {
        return $wrong instanceof UnexpectedResponseException && $wrong->getCode() >= 550 && $wrong->getCode() <= 559;
    }

    /** One line of it, without what was sent. */
    private static function said(TransportExceptionInterface $wrong): string
    {
        return mb_substr(strtok($wrong->getMessage(), "\r\n") ?: 'no answer', 0, 300);
    }
}

<?php

declare(strict_types=1);

namespace App\StandIns\Http;

use App\StandIns\MailboxFiles;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** Shows the mail that was laid down, as a mail program would. */
final readonly class MailboxPage
{
    public function __construct(private MailboxFiles $mailbox)
    {
    }

    public function index(Request $request): View
    {
        $to = $request->query('to');
        $mails = array_filter(
            $this->mailbox->all(),
            static fn (array $mail): bool => ! is_string($to) || $to === '' || $mail['to'] === $to,
        );

        return view('stand-ins.mailbox', ['mails' => array_slice($mails, 0, 200), 'to' => is_string($to) ? $to : '']);
    }

    public function show(string $id): View
    {
        return view('stand-ins.mail', ['mail' => $this->find($id)]);
    }

    public function calendar(string $id): Response
    {
        return new Response((string) $this->find($id)['calendar'], 200, [
            'Content-Type' => 'text/calendar; charset=utf-8',
        ]);
    }

    /**
     * @return array{
     *     id: string, at: float, to: string, from: string, subject: string, text: string, calendar: string|null,
     *     method: string|null,
     * }
     */
    private function find(string $id): array
    {
        foreach ($this->mailbox->all() as $mail) {
            if ($mail['id'] === $id) {
                return $mail;
            }
        }
        throw new NotFoundHttpException();
    }
}

<?php

declare(strict_types=1);

namespace App\Board\Http;

use App\Bookings\AttachmentFiles;
use App\Http\Asker;
use App\Models\Attachment;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\BinaryFileResponse;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** A file that came with a booking, to be saved; a browser never shows it. */
final readonly class DownloadAttachment
{
    public function __construct(private AttachmentFiles $files)
    {
    }

    public function __invoke(Request $request, string $slug, string $id, string $file): BinaryFileResponse
    {
        $business = Asker::business($request);
        $access = Asker::access($request);
        $booking = $business->bookings()->findOrFail($id);
        $attachment = Attachment::query()
            ->where('business_id', $business->id)
            ->where('booking_id', $booking->id)
            ->findOrFail($file);
        if (
            ($access->ownLane() !== null && ! $booking->isWith($access->ownLane())) ||
            ! is_file($this->files->path($attachment))
        ) {
            throw new NotFoundHttpException();
        }
        $answer = new BinaryFileResponse(
            $this->files->path($attachment),
            headers: ['Content-Type' => 'application/octet-stream', 'Cache-Control' => 'private, no-store'],
        );

        return $answer->setContentDisposition(
            'attachment',
            $attachment->name,
            (string) preg_replace('/[^A-Za-z0-9._-]/', '_', $attachment->name),
        );
    }
}

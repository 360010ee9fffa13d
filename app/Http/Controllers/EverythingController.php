<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Access\Audits;
use App\Access\Visitor;
use App\Keep\Archive;
use App\Keep\DamagedArchive;
use App\Models\Shoot;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\UploadedFile;
use Illuminate\Validation\ValidationException;
use Psr\Clock\ClockInterface;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

/** Everything in one file, and back. */
final readonly class EverythingController
{
    public function __construct(private Archive $archive, private Audits $audits, private ClockInterface $clock)
    {
    }

    public function take(): BinaryFileResponse
    {
        $file = (string) tempnam(sys_get_temp_dir(), 'fineframe');
        $this->archive->write($file, Shoot::query()->where('exercise', '')->lazyById(50));
        $this->audits->note('took-all');

        return response()->download($file, 'fine-frame-'.$this->clock->now()->format('Y-m-d').'.zip')->deleteFileAfterSend();
    }

    /** @throws ValidationException if the file cannot be brought back */
    public function bring(Request $request): RedirectResponse
    {
        $file = $request->file('everything');
        try {
            $path = $file instanceof UploadedFile ? $file->getPathname() : throw DamagedArchive::notOne();
            $done = $this->archive->bring($path, Visitor::now()->owner?->id);
        } catch (DamagedArchive $e) {
            throw ValidationException::withMessages(['everything' => $e->getMessage()])->redirectTo(route('account'));
        }
        $this->audits->note('brought-all');

        return redirect()->route('account')->with('said', trans_choice('access.brought', $done['brought'], $done));
    }
}

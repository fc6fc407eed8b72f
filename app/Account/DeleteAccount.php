<?php

declare(strict_types=1);

namespace App\Account;

use App\Models\Keeper;
use App\Models\Photo;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Storage;

/** The end of an account: all its rows at once, then its files, which nobody can reach any more. */
final class DeleteAccount
{
    public function __invoke(Keeper $keeper): void
    {
        $files = Photo::query()->where('keeper_id', $keeper->id)->pluck('file')->all();
        DB::transaction(static function () use ($keeper): void {
            DB::table('password_reset_tokens')->where('email', $keeper->email)->delete();
            $keeper->delete();
        });
        $disk = Storage::disk('local');
        $disk->delete(array_map(static fn(mixed $file): string => 'photos/'.(is_string($file) ? $file : ''), $files));
        $disk->deleteDirectory('photos/'.$keeper->id);
    }
}

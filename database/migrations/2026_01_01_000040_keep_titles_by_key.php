<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** A title of the log is kept by its key and figures, which may be longer than its words. There is no way back: the code of before has no words for them. */
return new class extends Migration {
    public function up(): void
    {
        Schema::table('entries', static function (Blueprint $table): void {
            $table->text('title')->change();
        });
    }
};

<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::create('inquiry_photos', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('inquiry_id')->constrained()->cascadeOnDelete();
            $table->foreignId('photo_id')->unique()->constrained()->cascadeOnDelete();
        });
        DB::table('inquiry_photos')->insertUsing(['inquiry_id', 'photo_id'], DB::table('inquiries')->whereNotNull('photo_id')->select('id', 'photo_id'));
        Schema::table('inquiries', fn(Blueprint $table) => $table->dropConstrainedForeignId('photo_id'));
    }

    public function down(): void
    {
        Schema::table('inquiries', fn(Blueprint $table) => $table->foreignId('photo_id')->nullable()->constrained()->nullOnDelete());
        DB::table('inquiries')->update(['photo_id' => DB::raw('(select max(photo_id) from inquiry_photos where inquiry_id = inquiries.id)')]);
        Schema::dropIfExists('inquiry_photos');
    }
};

<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('shoots', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->string('title');
            $table->string('place');
            $table->string('date', 10)->default('');
            $table->unsignedInteger('breaks')->default(0);
            $table->unsignedInteger('watches')->default(0);
            $table->unsignedInteger('version')->default(1);
            $table->unsignedBigInteger('head_id')->nullable();
            $table->timestamps();
            $table->softDeletes();
        });
        Schema::create('revisions', function (Blueprint $table): void {
            $table->id();
            $table->foreignUlid('shoot_id')->constrained()->cascadeOnDelete();
            $table->foreignId('parent_id')->nullable()->constrained('revisions')->nullOnDelete();
            $table->string('words');
            $table->string('author');
            $table->longText('plan');
            $table->timestamp('created_at');
            $table->index(['shoot_id', 'parent_id']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('revisions');
        Schema::dropIfExists('shoots');
    }
};

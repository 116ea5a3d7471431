import { Component } from '@angular/core';
@Component({ selector: 'otter-today', template: 'Today' })
export class Today {}

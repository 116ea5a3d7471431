import { Component } from '@angular/core';
@Component({ selector: 'otter-next', template: 'Next' })
export class Next {}
